<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The part of a photograph that shows cloth, in hundredths of it. */
final class MarkPhotoRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'x' => ['required', 'numeric', 'between:0,95'],
            'y' => ['required', 'numeric', 'between:0,95'],
            'width' => ['required', 'numeric', 'between:5,100'],
            'height' => ['required', 'numeric', 'between:5,100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => __('fabrics.mark.wrong')];
    }
}
