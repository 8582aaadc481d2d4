<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\KeepHistory;
use App\Actions\Host\ScheduleClue;
use App\Http\Controllers\Controller;
use App\Http\Requests\AboutDateRequest;
use App\Http\Requests\ReleaseRequest;
use App\Models\Clue;
use App\Models\HistoryEntry;
use App\Models\QuiltAlong;
use App\Presentation\Shared\When;
use Dew\Core\Calendar\ReleaseTime;
use Dew\Core\Calendar\ReleaseTimeException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The hour at which a clue opens: set it, open it now, withdraw it. */
final class ReleaseController extends Controller
{
    public function update(ReleaseRequest $request, QuiltAlong $quiltAlong, int $number, ScheduleClue $schedule): RedirectResponse
    {
        $clue = $this->clue($quiltAlong, $number);
        if (! $request->boolean('out_of_order')) {
            $this->inOrder($request, $clue, $schedule);
        }
        $before = KeepHistory::dates([$clue]);
        $release = $schedule->at(
            $clue,
            $request->string('date')->value(),
            $request->string('time')->value(),
            $request->string('zone')->value(),
        );
        KeepHistory::write($quiltAlong, $this->person($request), 'scheduled', [
            'number' => $number, 'when' => When::full($release->instant, $release->zone),
        ], $before);
        $back = $this->back($quiltAlong, $number)->with('status', __('clues.scheduled', ['number' => $number]));

        return $release->movedForward ? $back->with(
            'warning',
            __('clues.moved_forward', ['asked' => $release->time, 'opens' => $release->local()->format('H:i')]),
        ) : $back;
    }

    /** A date that is only roughly known. */
    public function about(AboutDateRequest $request, QuiltAlong $quiltAlong, int $number, ScheduleClue $schedule): RedirectResponse
    {
        $given = $request->validated();
        $clue = $this->clue($quiltAlong, $number);
        $before = KeepHistory::dates([$clue]);
        $schedule->about($clue, trim((string) $given['about']), is_string($given['about_date'] ?? null) ? $given['about_date'] : null);
        KeepHistory::write($quiltAlong, $this->person($request), 'about', ['number' => $number, 'about' => $given['about']], $before);

        return $this->back($quiltAlong, $number)->with('status', __('clues.about_set', ['number' => $number]));
    }

    public function store(Request $request, QuiltAlong $quiltAlong, int $number, ScheduleClue $schedule): RedirectResponse
    {
        $clue = $this->clue($quiltAlong, $number);
        if (! $request->boolean('out_of_order')) {
            $schedule->refuseOutOfOrder($clue, now()->addSeconds(HistoryEntry::SECONDS));
        }
        $before = KeepHistory::dates([$clue]);
        $schedule->now($clue, HistoryEntry::SECONDS);
        $deed = KeepHistory::write($quiltAlong, $this->person($request), 'released', ['number' => $number], $before);

        return $this->back($quiltAlong, $number)->with('pending', $deed->id);
    }

    public function destroy(Request $request, QuiltAlong $quiltAlong, int $number, ScheduleClue $schedule): RedirectResponse
    {
        $clue = $this->clue($quiltAlong, $number);
        $before = KeepHistory::dates([$clue]);
        $schedule->withdraw($clue, HistoryEntry::SECONDS);
        $deed = KeepHistory::write($quiltAlong, $this->person($request), 'withdrawn', ['number' => $number], $before);

        return $this->back($quiltAlong, $number)->with('pending', $deed->id);
    }

    /** Refuses a date that passes the other clues; a date that is none is refused by the schedule itself. */
    private function inOrder(ReleaseRequest $request, Clue $clue, ScheduleClue $schedule): void
    {
        try {
            $at = ReleaseTime::of($request->string('date')->value(), $request->string('time')->value(), $request->string('zone')->value());
        } catch (ReleaseTimeException) {
            return;
        }
        if ($at->instant > now()) {
            $schedule->refuseOutOfOrder($clue, $at->instant);
        }
    }

    private function clue(QuiltAlong $quiltAlong, int $number): Clue
    {
        return $quiltAlong->clues()->where('number', $number)->firstOrFail();
    }

    private function back(QuiltAlong $quiltAlong, int $number): RedirectResponse
    {
        return redirect()->to(route('host.clues.index', $quiltAlong).'#clue-'.$number);
    }
}
