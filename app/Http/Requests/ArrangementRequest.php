<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A change of how blocks are laid out. */
final class ArrangementRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'do' => ['required', 'in:swap,turn,keep,choose,forget'],
            'first' => ['nullable', 'integer', 'min:0', 'max:9999'],
            'second' => ['nullable', 'integer', 'min:0', 'max:9999'],
            'arrangement' => ['nullable', 'integer', 'min:0', 'max:999999999999'],
            'revision' => ['nullable', 'integer', 'min:0', 'max:999999999'],
            'name' => ['nullable', 'string', 'max:60'],
            'other' => ['nullable', 'regex:/^[a-z0-9-]{1,40}$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*.*' => __('layout.wrong.asked')];
    }
}
