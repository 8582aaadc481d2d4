<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Plans\MemberLayout;
use Dew\Core\Top\JoinMethod;
use Dew\Core\Top\JoinPlan;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A way of joining the top, or a part that was sewn. */
final class AssemblyRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(MemberLayout $layout): array
    {
        /** @var Project $project */
        $project = $this->route('project');
        $sheet = $layout->sheet($project) ?? abort(404);
        $methods = array_map(fn (JoinMethod $method): string => $method->value, JoinPlan::methods($sheet));

        return [
            'method' => ['nullable', Rule::in($methods)],
            'part' => ['required_without:method', 'nullable', 'string', 'max:80'],
            'sewn' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*.*' => __('assembly.wrong.asked')];
    }
}
