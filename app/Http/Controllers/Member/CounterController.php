<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\RecordTap;
use App\Actions\Member\TapOutcome;
use App\Http\Controllers\Controller;
use App\Http\Requests\TapRequest;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\Counters;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

final class CounterController extends Controller
{
    /** Every counter of the clue as it stands, for a second device to catch up. */
    public function index(Project $project, int $number, ReleasedSheets $sheets): JsonResponse
    {
        $sheet = $sheets->sheet($project, $sheets->find($project, $number), whole: false);

        return response()->json(Counters::of($sheet, $project)->asMap($project));
    }

    public function store(
        TapRequest $request,
        Project $project,
        int $number,
        ReleasedSheets $sheets,
        RecordTap $record,
    ): JsonResponse|RedirectResponse {
        $clue = $sheets->find($project, $number);
        $outcome = $request->isUndo()
            ? $record->undo($project, $clue, $request->undoes(), $request->tapId())
            : $record->add(
                $project,
                $clue,
                $request->task(),
                $request->counter(),
                $request->kind(),
                $request->amount(),
                $request->tapId(),
                $request->boolean('queued'),
                $request->isSure(),
            );

        return $request->expectsJson() ? $this->json($outcome) : $this->page($request, $project, $number, $outcome);
    }

    private function json(TapOutcome $outcome): JsonResponse
    {
        return response()->json($outcome, $outcome->accepted ? 200 : 422);
    }

    /** Without script the counter is a form, and the answer is the page. */
    private function page(TapRequest $request, Project $project, int $number, TapOutcome $outcome): RedirectResponse
    {
        $anchor = $request->isUndo() ? '' : $request->anchor();
        $back = redirect()->to(route('member.clues.show', [$project, $number]).($anchor === '' ? '' : '#'.$anchor));
        if ($outcome->asks()) {
            return $back->with('sure', $anchor)->withErrors([$anchor => $outcome->message.' '.__('counters.press_again')]);
        }

        return $outcome->message === null ? $back : $back->withErrors([$anchor => $outcome->message]);
    }
}
