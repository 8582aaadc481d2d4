<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** To whom parts of a group quilt go, and until when. */
final class DealPartsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'to' => ['required', 'integer', 'min:1', 'max:9000000000000000'],
            'due' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:2020-01-01', 'before:2100-01-01'],
            'pack' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['to.*' => __('hands.wrong.no_member'), 'due.*' => __('hands.wrong.due'), 'pack.*' => __('hands.wrong.pack')];
    }
}
