<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How a shop packs kits. */
final class KitSettingsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'reserve' => ['required', 'integer', 'between:0,100'],
            'bolt' => ['required', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reserve.*' => __('kits.reserve_wrong'), 'bolt.*' => __('kits.bolt_length_wrong')];
    }
}
