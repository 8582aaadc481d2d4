<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A date that is only roughly known. */
final class AboutDateRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'about' => ['required', 'string', 'max:80'], 'about_date' => ['bail', 'nullable', 'string', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['about.*' => __('clues.errors.about'), 'about_date.*' => __('clues.errors.date')];
    }
}
