<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Plans\ReleasedSheets;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The size that a member chooses later. */
final class SizeRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(ReleasedSheets $sheets): array
    {
        /** @var Project $project */
        $project = $this->route('project');

        return ['size' => ['required', 'string', Rule::in(array_keys($sheets->announcement($project)->sizes))]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['size.in' => __('join.unknown_size'), 'size.required' => __('join.choose_size')];
    }
}
