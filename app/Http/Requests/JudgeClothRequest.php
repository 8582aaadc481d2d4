<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Dew\Core\Fabric\FabricValue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How light a cloth looks to its owner. */
final class JudgeClothRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['judged' => ['nullable', Rule::enum(FabricValue::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => __('fabrics.values.wrong')];
    }
}
