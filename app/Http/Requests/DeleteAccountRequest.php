<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The password of an account that is to be deleted. */
final class DeleteAccountRequest extends FormRequest
{
    protected $errorBag = 'delete';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'current_password']];
    }
}
