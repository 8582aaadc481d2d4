<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a tester says of a place in a clue. */
final class RemarkRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'words' => ['required', 'string', 'max:2000'],
            'place' => ['required', 'string', 'max:200'],
            'task' => ['nullable', 'string', 'max:40'],
            'size' => ['required', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['words.*' => __('remarks.words_needed'), 'place.*' => __('remarks.place_needed')];
    }
}
