<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A photograph of a cloth of a colourway. */
final class ClothPictureRequest extends FormRequest
{
    private const LARGEST_KB = 12_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'colourway' => ['required', 'string', 'max:40'],
            'fabric' => ['required', 'string', 'max:40'],
            'picture' => ['required', 'file', 'max:'.self::LARGEST_KB],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['picture.*' => __('pictures.no_picture')];
    }
}
