<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A task that a tester sewed. */
final class SewnRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['size' => ['required', 'string', 'max:40'], 'place' => ['required', 'string', 'max:200']];
    }
}
