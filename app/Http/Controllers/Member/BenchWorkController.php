<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\SaveBenchWork;
use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Presentation\Member\Bench\BenchTasks;
use App\Wording\Problems;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Measure\MeasureException;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Borders, back and binding from what a member's own quilt measures. */
final class BenchWorkController extends Controller
{
    /** Signs in one field. */
    private const LONGEST = 200;

    private const LONGEST_NOTES = 4000;

    /** Pages that have something to say before anything was written. */
    private const AT_ONCE = ['quilted', 'left', 'quilting'];

    public function show(Project $project, string $work, BenchTasks $bench): View
    {
        $result = null;
        $kept = $project->bench[$work] ?? null;
        if ($kept !== null || in_array($work, self::AT_ONCE, true)) {
            try {
                $result = $bench->result($project, $work, $bench->fields($project, $work));
            } catch (MeasureException|MeasureRefused) {
                // Her units or her cloth may have changed since; the form shows what she wrote.
            }
        }

        return view('member.bench-work', [
            'project' => $project, 'work' => $work, 'fields' => $bench->fields($project, $work), 'result' => $result,
        ]);
    }

    public function update(Request $request, Project $project, string $work, BenchTasks $bench, SaveBenchWork $keep): RedirectResponse
    {
        $fields = [];
        foreach (array_keys($bench->fields($project, $work)) as $field) {
            $longest = $field === 'notes' ? self::LONGEST_NOTES : self::LONGEST;
            $fields[$field] = mb_substr($request->string($field)->trim()->value(), 0, $longest);
        }
        try {
            $bench->result($project, $work, $fields);
        } catch (MeasureException $error) {
            throw ValidationException::withMessages(['measures' => Problems::of($error)]);
        } catch (MeasureRefused $error) {
            throw ValidationException::withMessages(['measures' => __('benchwork.wrong.'.$error->sentence())]);
        }
        $keep($project, $work, $fields);

        return redirect()->to(route('member.bench.work', [$project, $work]).'#result')->with('status', __('benchwork.saved'));
    }
}
