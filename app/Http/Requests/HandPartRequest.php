<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What the host does with a part of a group quilt. */
final class HandPartRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'do' => ['required', 'in:accept,accept_small,remark,withdraw'],
            'revision' => ['required', 'integer', 'min:0', 'max:999999999'],
            'width' => ['nullable', 'string', 'max:40'],
            'height' => ['nullable', 'string', 'max:40'],
            'words' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*.*' => __('hands.wrong.asked')];
    }
}
