<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A kit that a member orders. */
final class OrderKitRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kit' => ['required', 'string', 'max:80'], 'count' => ['required', 'integer', 'between:1,20'], 'form' => ['required', 'ulid'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => __('kits.member.wrong')];
    }
}
