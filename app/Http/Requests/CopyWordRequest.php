<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A word of the pattern that somebody bought. */
final class CopyWordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['word' => ['required', 'string', 'max:80']];
    }
}
