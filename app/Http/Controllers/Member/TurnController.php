<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\ChooseTurn;
use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use Dew\Core\Sheet\TaskSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Chooses how the parts of a block are turned, among the ways that its design offers. */
final class TurnController extends Controller
{
    public function update(Request $request, Project $project, int $number, ReleasedSheets $sheets, ChooseTurn $choose): RedirectResponse
    {
        $sheet = $sheets->sheet($project, $sheets->find($project, $number), whole: false);
        $choices = array_merge(...array_map(fn (TaskSheet $task): array => $task->drawing?->choices() ?? [], $sheet->tasks));
        $messages = ['block.*' => __('tasks.turns.unknown'), 'way.*' => __('tasks.turns.unknown')];
        $block = $request->validate(['block' => ['required', 'string', Rule::in(array_keys($choices))]], $messages)['block'];
        $way = $request->validate(['way' => ['nullable', 'string', Rule::in(array_keys($choices[$block][1]))]], $messages)['way'] ?? null;
        $choose($project, $block, $way);

        return redirect()->to(
            route('member.clues.show', [$project, $number]).'#'.$request->string('from')->slug()->value(),
        )->with('status', __('tasks.turns.changed'));
    }
}
