<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\RecordPressing;
use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use Dew\Core\Press\PressDone;
use Dew\Core\Sheet\TaskSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Says how what a task made was really pressed: as planned, the other way, or open. */
final class PressedController extends Controller
{
    public function update(Request $request, Project $project, int $number, ReleasedSheets $sheets, RecordPressing $say): RedirectResponse
    {
        // The plan without what she said before: "the other way" is the other way than this.
        $planned = (clone $project)->setAttribute('pressed', []);
        $sheet = $sheets->sheet($planned, $sheets->find($project, $number), whole: false);
        $tasks = array_column(array_filter($sheet->tasks, fn (TaskSheet $task): bool => $task->press !== null), null, 'task');
        $messages = ['task.*' => __('tasks.pressed.unknown'), 'done.*' => __('tasks.pressed.unknown')];
        $asked = $request->validate([
            'task' => ['required', 'string', Rule::in(array_keys($tasks))],
            'done' => ['required', 'string', Rule::enum(PressDone::class)],
        ], $messages);
        $say($project, $tasks[$asked['task']], PressDone::from($asked['done']));

        return redirect()->to(
            route('member.clues.show', [$project, $number]).'#'.$request->string('task')->slug()->value(),
        )->with('status', __('tasks.pressed.changed'));
    }
}
