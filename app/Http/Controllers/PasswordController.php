<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PasswordRequest;
use App\Mail\PasswordChangedMail;
use App\Security\Devices;
use App\Security\History;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Mail;
use Illuminate\Validation\Rules\Password;

final class PasswordController extends Controller
{
    /** A new password signs every other device out. */
    public function update(PasswordRequest $request): RedirectResponse
    {
        $given = $request->validated();
        $person = $this->person($request);
        $person->update(['password' => $given['password']]);
        Devices::end($person, $request);
        History::note($person, History::PASSWORD_CHANGED, $request);
        Mail::to($person)->send(new PasswordChangedMail($person));
        $request->session()->regenerate();

        return back()->with('status', __('account.password_changed'));
    }
}
