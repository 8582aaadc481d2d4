<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\MarkCutStep;
use App\Http\Controllers\Controller;
use App\Http\Requests\CutStepRequest;
use App\Models\Project;
use App\Plans\Cloth\MemberCutting;
use App\Plans\Cloth\PlannedClue;
use App\Plans\ReleasedSheets;
use App\Presentation\Member\Mat;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;

/** The cutting of a clue by the plan from a member's own cloth. */
final class MatController extends Controller
{
    public function show(Project $project, int $number, ReleasedSheets $sheets, Mat $mat): View
    {
        $clue = $sheets->find($project, $number);
        if ($sheets->waitsForSize($project, $clue)) {
            return view('member.size', ['project' => $project, 'clue' => $clue, 'announcement' => $sheets->announcement($project)]);
        }

        return view('member.mat', ['project' => $project, 'number' => $number, ...$mat->of($project, $clue)]);
    }

    /** Makes the strip sets of a clue across another width, before anything of it is counted. */
    public function width(Request $request, Project $project, int $number, ReleasedSheets $sheets, MemberCutting $cutting): RedirectResponse
    {
        $clue = $sheets->find($project, $number);
        $planned = Arr::last($cutting->of($project, $number), fn (PlannedClue $one): bool => $one->clue === $clue->key);
        $better = $planned === null ? null : $cutting->betterWidth($project, $planned);
        if ($better === null || $better->encode() !== $request->input('width')) {
            throw ValidationException::withMessages(['width' => __('mat.width_late')]);
        }
        $project->update(['set_widths' => [$clue->key => $better->encode()] + $project->set_widths]);

        return redirect()->route('member.mat', [$project, $number])->with('status', __('mat.width_saved'));
    }

    public function store(CutStepRequest $request, Project $project, int $number, ReleasedSheets $sheets, MarkCutStep $cut): RedirectResponse
    {
        $clue = $sheets->find($project, $number);
        abort_if($sheets->waitsForSize($project, $clue), 404);
        $given = $request->validated();
        $request->boolean('done')
            ? $cut->done($project, $clue, $given['slot'], $given['plan'], $given['step'])
            : $cut->undo($project, $clue, $given['slot'], $given['plan'], $given['step']);

        return redirect()->to(route('member.mat', [$project, $number]).'#step-'.rawurlencode($given['slot'].'-'.$given['step']));
    }
}
