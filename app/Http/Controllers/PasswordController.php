<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Mail\PasswordChangedMail;
use App\Security\Devices;
use App\Security\History;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Mail;
use Illuminate\Validation\Rules\Password;

final class PasswordController extends Controller
{
    /** A new password signs every other device out. */
    public function update(Request $request): RedirectResponse
    {
        $given = $request->validateWithBag('password', [
            'current_password' => ['required', 'string', 'current_password'],
            'password' => ['required', 'string', 'max:255', 'confirmed', Password::defaults()],
        ]);
        $person = $this->person($request);
        $person->update(['password' => $given['password']]);
        Devices::end($person, $request);
        History::note($person, History::PASSWORD_CHANGED, $request);
        Mail::to($person)->send(new PasswordChangedMail($person));
        $request->session()->regenerate();

        return back()->with('status', __('account.password_changed'));
    }
}
