<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class ReleaseRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['bail', 'required', 'string', 'date_format:Y-m-d'],
            'time' => ['bail', 'required', 'string', 'date_format:H:i'],
            'zone' => ['required', 'timezone:all'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'date.required' => __('clues.errors.date'),
            'date.date_format' => __('clues.errors.date'),
            'time.required' => __('clues.errors.time'),
            'time.date_format' => __('clues.errors.time'),
            'zone.required' => __('clues.errors.zone'),
            'zone.timezone' => __('clues.errors.zone'),
        ];
    }
}
