<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\ScheduleClue;
use App\Http\Controllers\Controller;
use App\Http\Requests\ReleaseRequest;
use App\Models\Clue;
use App\Models\QuiltAlong;
use Illuminate\Http\RedirectResponse;

/** The hour at which a clue opens: set it, open it now, withdraw it. */
final class ReleaseController extends Controller
{
    public function update(ReleaseRequest $request, QuiltAlong $quiltAlong, int $number, ScheduleClue $schedule): RedirectResponse
    {
        $clue = $this->clue($quiltAlong, $number);
        $release = $schedule->at(
            $clue,
            $request->string('date')->value(),
            $request->string('time')->value(),
            $request->string('zone')->value(),
        );
        $back = $this->back($quiltAlong, $number)->with('status', __('clues.scheduled', ['number' => $number]));

        return $release->movedForward ? $back->with(
            'warning',
            __('clues.moved_forward', ['asked' => $release->time, 'opens' => $release->local()->format('H:i')]),
        ) : $back;
    }

    public function store(QuiltAlong $quiltAlong, int $number, ScheduleClue $schedule): RedirectResponse
    {
        $schedule->now($this->clue($quiltAlong, $number));

        return $this->back($quiltAlong, $number)->with('status', __('clues.released', ['number' => $number]));
    }

    public function destroy(QuiltAlong $quiltAlong, int $number, ScheduleClue $schedule): RedirectResponse
    {
        $schedule->withdraw($this->clue($quiltAlong, $number));

        return $this->back($quiltAlong, $number)->with('status', __('clues.withdrawn', ['number' => $number]));
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
