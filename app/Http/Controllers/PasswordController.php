<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
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
        DB::table('sessions')->where('user_id', $person->id)->where('id', '!=', $request->session()->getId())->delete();
        $request->session()->regenerate();

        return back()->with('status', __('account.password_changed'));
    }
}
