<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a member does with a part of a group quilt. */
final class HandOnRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'do' => ['required', 'in:hand_on,sent,cannot,take,undo'],
            'to' => ['nullable', 'integer', 'min:1', 'max:9000000000000000'],
            'words' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*.*' => __('hands.wrong.asked')];
    }
}
