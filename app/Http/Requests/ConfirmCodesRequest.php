<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A first time code. */
final class ConfirmCodesRequest extends FormRequest
{
    protected $errorBag = 'codes';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:40']];
    }
}
