<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Member\ClueText;
use App\Presentation\Member\StitchLine;
use Illuminate\Contracts\Support\MessageBag;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\ViewErrorBag;

final class MemberClueController extends Controller
{
    /** The place "Clue" in the bottom bar: the clue in hand, or the line of all of them while none is open. */
    public function index(Project $project): RedirectResponse
    {
        $current = StitchLine::of($project)->current();

        return $current === null ? redirect()->route('member.now', $project) : redirect()->route(
            'member.clues.show',
            [$project, $current->number],
        );
    }

    public function show(Request $request, Project $project, int $number, ReleasedSheets $sheets, ClueText $text): View
    {
        $clue = $sheets->find($project, $number);
        if ($sheets->waitsForSize($project, $clue)) {
            return view('member.size', ['project' => $project, 'clue' => $clue, 'announcement' => $sheets->announcement($project)]);
        }

        return view('member.clue', ['project' => $project, 'number' => $number, ...$text->of($project, $clue, $this->messages($request))]);
    }

    /** What was wrong with a tap that was sent without script. */
    private function messages(Request $request): MessageBag
    {
        $errors = $request->session()->get('errors');

        return ($errors instanceof ViewErrorBag ? $errors : new ViewErrorBag)->getBag('default');
    }
}
