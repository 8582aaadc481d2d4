<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How far orders of kits are. */
final class MarkKitsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['to' => ['required', Rule::in(['ordered', 'packed', 'handed_out'])]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['to.*' => __('kits.marked_none')];
    }
}
