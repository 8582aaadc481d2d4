<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Plans\ReleasedSheets;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How a kind of unit of an open clue is made. */
final class MethodRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(ReleasedSheets $sheets): array
    {
        /** @var Project $project */
        $project = $this->route('project');
        $clue = $sheets->find($project, (int) $this->route('number'));
        $kind = UnitLibrary::find($this->string('kind')->value());

        return [
            'kind' => ['required', Rule::in($clue->kinds)],
            'method' => ['required', Rule::in(array_map(fn (Method $method): string => $method->value, $kind?->methods() ?? []))],
            'oversize' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['method.in' => __('methods.unknown')];
    }
}
