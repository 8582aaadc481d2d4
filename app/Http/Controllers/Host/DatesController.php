<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\KeepHistory;
use App\Actions\Host\SetDates;
use App\Http\Controllers\Controller;
use App\Models\Clue;
use App\Models\QuiltAlong;
use App\Presentation\Host\DatePlan;
use App\Support\CalendarFile;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Dates for many clues at once: looked at in a calendar first, then set. */
final class DatesController extends Controller
{
    public function show(Request $request, QuiltAlong $quiltAlong): View
    {
        if ($quiltAlong->published_version_id === null) {
            return view('host.unpublished', ['quiltAlong' => $quiltAlong, 'place' => 'clues', 'title' => __('calendar.title')]);
        }
        $asked = $this->asked($request);

        return view('host.dates', ['quiltAlong' => $quiltAlong, 'plan' => DatePlan::of($quiltAlong, $asked), 'asked' => $asked]);
    }

    /** @throws ValidationException naming the field, when the dates cannot be set as asked */
    public function update(Request $request, QuiltAlong $quiltAlong, SetDates $set): RedirectResponse
    {
        $plan = DatePlan::of($quiltAlong, $this->asked($request));
        if ($plan->errors !== []) {
            throw ValidationException::withMessages($plan->errors);
        }
        $before = KeepHistory::dates($quiltAlong->clues()->whereIn('number', array_keys($plan->times))->get());
        $count = $set($quiltAlong, $plan->times);
        if ($count > 0) {
            KeepHistory::write($quiltAlong, $this->person($request), 'dates', ['count' => $count], $before);
        }

        return redirect()->route('host.clues.index', $quiltAlong)->with(
            ...($count === 0 ? ['warning', __('calendar.nothing')] : ['status', trans_choice('calendar.done', $count)]),
        );
    }

    /** The whole calendar of the host, clues to come included. */
    public function file(QuiltAlong $quiltAlong): Response
    {
        $file = new CalendarFile($quiltAlong->name);
        foreach ($quiltAlong->clues()->whereNull('release_at')->whereNull('withdrawn_at')->whereNotNull('about')->get() as $clue) {
            $file->addRoughly(
                "$quiltAlong->slug-$clue->key@dew",
                __('calendar.clue', ['number' => $clue->number]).': '.$clue->title.', '.$clue->about,
                $clue->about_date?->toDateTimeImmutable(),
                ($clue->updated_at ?? now())->toDateTimeImmutable(),
            );
        }
        foreach ($quiltAlong->clues()->whereNotNull('release_at')->whereNull('withdrawn_at')->orderBy('number')->get() as $clue) {
            $this->add($file, $quiltAlong, $clue);
        }

        return response($file->text(), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($quiltAlong->name) ?: 'calendar').'.ics"',
        ]);
    }

    private function add(CalendarFile $file, QuiltAlong $quiltAlong, Clue $clue): void
    {
        if ($clue->release_at !== null) {
            $file->add(
                "$quiltAlong->slug-$clue->key@dew",
                __('calendar.clue', ['number' => $clue->number]).': '.$clue->title,
                $clue->release_at->toDateTimeImmutable(),
                ($clue->updated_at ?? now())->toDateTimeImmutable(),
                route('host.clues.show', [$quiltAlong, $clue->number]),
            );
        }
    }

    /** @return array<string, string> */
    private function asked(Request $request): array
    {
        $asked = [];
        foreach (DatePlan::FIELDS as $field) {
            $asked[$field] = trim($request->string($field)->value());
        }

        return $asked;
    }
}
