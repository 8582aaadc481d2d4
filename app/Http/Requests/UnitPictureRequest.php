<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A picture of a unit, as its pattern shows it. */
final class UnitPictureRequest extends FormRequest
{
    private const LARGEST_KB = 12_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['picture' => ['required', 'file', 'max:'.self::LARGEST_KB]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['picture.*' => __('pictures.no_picture')];
    }
}
