<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The password of the account, before something that keeps it safe is changed. */
final class ConfirmPasswordRequest extends FormRequest
{
    protected $errorBag = 'codes';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'current_password']];
    }
}
