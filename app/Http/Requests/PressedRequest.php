<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Plans\ReleasedSheets;
use Dew\Core\Press\PressDone;
use Dew\Core\Sheet\TaskSheet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How a task of an open clue was pressed. */
final class PressedRequest extends FormRequest
{
    /** @var array<string, TaskSheet> those of the clue whose seams a plan knows, by id */
    private array $tasks = [];

    /** @return array<string, list<mixed>> */
    public function rules(ReleasedSheets $sheets): array
    {
        /** @var Project $project */
        $project = $this->route('project');
        // The plan without what was said before: "the other way" is the other way than this.
        $planned = (clone $project)->setAttribute('pressed', []);
        $sheet = $sheets->sheet($planned, $sheets->find($project, (int) $this->route('number')), whole: false);
        $this->tasks = array_column(array_filter($sheet->tasks, fn (TaskSheet $task): bool => $task->press !== null), null, 'task');

        return [
            'task' => ['required', 'string', Rule::in(array_keys($this->tasks))],
            'done' => ['required', 'string', Rule::enum(PressDone::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['task.*' => __('tasks.pressed.unknown'), 'done.*' => __('tasks.pressed.unknown')];
    }

    /** The task it is about. */
    public function task(): TaskSheet
    {
        return $this->tasks[$this->validated()['task']];
    }
}
