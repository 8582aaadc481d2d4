<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Plans\ReleasedSheets;
use Dew\Core\Sheet\TaskSheet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which way the parts of a block of an open clue are turned; as designed when no way is named. */
final class TurnRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(ReleasedSheets $sheets): array
    {
        /** @var Project $project */
        $project = $this->route('project');
        $sheet = $sheets->sheet($project, $sheets->find($project, (int) $this->route('number')), whole: false);
        $choices = array_merge(...array_map(fn (TaskSheet $task): array => $task->drawing?->choices() ?? [], $sheet->tasks));
        $block = $this->input('block');
        $ways = is_string($block) ? $choices[$block][1] ?? [] : [];

        return [
            'block' => ['required', 'string', Rule::in(array_keys($choices))],
            'way' => ['nullable', 'string', Rule::in(array_keys($ways))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['block.*' => __('tasks.turns.unknown'), 'way.*' => __('tasks.turns.unknown')];
    }
}
