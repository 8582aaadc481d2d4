<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Controllers\Controller;
use App\Http\Requests\SignInCodeRequest;
use App\Http\Requests\SignInRequest;
use App\Mail\ConfirmRegistrationMail;
use App\Models\User;
use App\Security\History;
use App\Security\SecondFactor;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Mail;
use Illuminate\Validation\ValidationException;

/** Signing in and out. */
final class SessionController extends Controller
{
    /** Between the password and the code. */
    private const MINUTES_FOR_CODE = 10;

    public function create(): View
    {
        return view('auth.sign-in');
    }

    public function store(SignInRequest $request): RedirectResponse
    {
        $credentials = $request->validated();
        $credentials['email'] = mb_strtolower(trim($credentials['email']));
        $guard = Auth::guard();
        $fits = $guard instanceof SessionGuard && $guard->validate($credentials);
        $person = $guard instanceof SessionGuard ? $guard->getLastAttempted() : null;
        if (! $fits || ! $person instanceof User) {
            if ($person instanceof User) {
                History::noteLater($person, History::SIGN_IN_FAILED, $request);
            }
            throw ValidationException::withMessages(['email' => __('auth.failed')]);
        }
        $guard->getProvider()->rehashPasswordIfRequired($person, $credentials);
        if ($person->email_verified_at === null) {
            Mail::to($person)->send(new ConfirmRegistrationMail($person));
            $request->session()->put('registered', $person->email);

            return redirect()->route('register.sent');
        }
        if ($person->two_factor_at !== null) {
            $request->session()->put('sign_in', [
                'account' => $person->id,
                'remember' => $request->boolean('remember'),
                'until' => now()->addMinutes(self::MINUTES_FOR_CODE)->getTimestamp(),
            ]);

            return redirect()->route('login.code');
        }

        return $this->signIn($request, $person, $request->boolean('remember'));
    }

    /** The second step of somebody who has asked for time codes. */
    public function code(Request $request): View|RedirectResponse
    {
        return $this->waiting($request) === null ? redirect()->route('login') : view('auth.code');
    }

    public function storeCode(SignInCodeRequest $request, SecondFactor $factor): RedirectResponse
    {
        $person = $this->waiting($request);
        if ($person === null) {
            return redirect()->route('login')->with('warning', __('auth.code_late'));
        }
        $code = $request->validated()['code'];
        $used = $factor->accept($person, $code);
        if ($used === null) {
            History::note($person, History::SIGN_IN_FAILED, $request);
            throw ValidationException::withMessages(['code' => __('auth.code_wrong')]);
        }
        if ($used === SecondFactor::RECOVERY) {
            History::note($person, History::RECOVERY_CODE, $request);
        }

        return $this->signIn($request, $person, $request->session()->get('sign_in.remember') === true);
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('welcome')->with('status', __('auth.signed_out'));
    }

    private function signIn(Request $request, User $person, bool $remember): RedirectResponse
    {
        $request->session()->forget('sign_in');
        Auth::login($person, $remember);
        $request->session()->regenerate();
        History::note($person, History::SIGNED_IN, $request);

        return redirect()->intended(route('home'));
    }

    /** Whoever has given her password and not yet her code. */
    private function waiting(Request $request): ?User
    {
        $until = $request->session()->get('sign_in.until');
        $person = is_int($until) && $until > now()->getTimestamp()
            ? User::query()->find($request->session()->get('sign_in.account'))
            : null;

        return $person instanceof User && $person->two_factor_at !== null ? $person : null;
    }
}
