<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A list of cloth as a file. */
final class StockFileRequest extends FormRequest
{
    private const LARGEST_KB = 500;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::LARGEST_KB]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.*' => __('stock.file.missing')];
    }
}
