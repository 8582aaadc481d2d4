<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A session to end; all others when none is named. */
final class EndSessionsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['session' => ['nullable', 'string', 'max:40']];
    }
}
