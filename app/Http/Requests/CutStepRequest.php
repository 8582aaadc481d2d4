<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A step of a cutting plan, cut or not. */
final class CutStepRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'slot' => ['required', 'string', 'max:64'],
            'plan' => ['required', 'string', 'regex:/^[0-9a-f]{16}$/D'],
            'step' => ['required', 'string', 'regex:/^\d{1,4}-\d{1,2}-\d{1,4}$/D'],
            'done' => ['required', 'boolean'],
        ];
    }
}
