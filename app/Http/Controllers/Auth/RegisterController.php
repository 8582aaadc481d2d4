<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Controllers\Controller;
use App\Http\Requests\RegisterRequest;
use App\Mail\AlreadyRegisteredMail;
use App\Mail\ConfirmRegistrationMail;
use App\Models\User;
use App\Security\History;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;

/** An account is made in two steps: the form, and the link in the letter. The form answers the same whoever has the address already. */
final class RegisterController extends Controller
{
    public function create(): View
    {
        return view('auth.register');
    }

    public function store(RegisterRequest $request): RedirectResponse
    {
        $email = $request->string('email')->value();
        // Hashed whether it is kept or not: the answer takes as long.
        $made = ['name' => $request->string('name')->value(), 'password' => Hash::make($request->string('password')->value())];
        $person = User::query()->where('email', $email)->first();
        try {
            $person ??= User::query()->create(['email' => $email, ...$made]);
        } catch (UniqueConstraintViolationException) {
            // The form was sent twice at the same moment.
            $person = User::query()->where('email', $email)->firstOrFail();
        }
        if ($person->email_verified_at !== null) {
            Mail::to($person)->send(new AlreadyRegisteredMail($person));
        } else {
            // Whoever registered the address before has not shown that she reads it.
            $person->update($made);
            Mail::to($person)->send(new ConfirmRegistrationMail($person));
        }
        $request->session()->put('registered', $email);

        return redirect()->route('register.sent');
    }

    public function sent(Request $request): View|RedirectResponse
    {
        $email = $request->session()->get('registered');

        return is_string($email) ? view('auth.registered', ['email' => $email]) : redirect()->route('register');
    }

    public function confirm(Request $request): RedirectResponse
    {
        $person = User::query()->find($request->integer('account'));
        if (! $person instanceof User || ! hash_equals(ConfirmRegistrationMail::of($person), $request->string('of')->value())) {
            return redirect()->route('login')->with('warning', __('auth.link_void'));
        }
        if ($person->email_verified_at !== null) {
            return redirect()->route('login')->with('status', __('auth.confirmed_already'));
        }
        $person->forceFill(['email_verified_at' => now()])->save();
        History::note($person, History::REGISTERED, $request);
        Auth::login($person);
        $request->session()->regenerate();

        return redirect()->intended(route('home'))->with('status', __('auth.confirmed'));
    }
}
