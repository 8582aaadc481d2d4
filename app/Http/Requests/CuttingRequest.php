<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Dew\Core\Cutting\Aim;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Whether plans spare cloth or cuts, and for which hand they are drawn. */
final class CuttingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'aim' => ['required', Rule::enum(Aim::class)],
            'hand' => ['required', Rule::in(['right', 'left'])],
            'from' => ['nullable', 'regex:/^[1-9]\d{0,2}$/D'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => __('mat.settings_wrong')];
    }
}
