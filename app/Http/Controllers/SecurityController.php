<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ConfirmCodesRequest;
use App\Http\Requests\ConfirmPasswordRequest;
use App\Http\Requests\EndSessionsRequest;
use App\Security\Devices;
use App\Security\History;
use App\Security\SecondFactor;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** What keeps an account safe beside its password: where it is signed in, and the time codes of hosts. */
final class SecurityController extends Controller
{
    /** Ends one session of hers, or all others. */
    public function endSessions(EndSessionsRequest $request): RedirectResponse
    {
        $given = $request->validated();
        $person = $this->person($request);
        Devices::end($person, $request, $given['session'] ?? null);
        History::note($person, History::SESSIONS_ENDED, $request);

        return redirect()->route('account')->with('status', __('account.sessions_ended'));
    }

    /** Begins with time codes: shows the secret, which counts once a code of it is given. */
    public function begin(ConfirmPasswordRequest $request, SecondFactor $factor): RedirectResponse
    {
        $person = $this->person($request);
        abort_unless($person->isHost(), 404);
        abort_if($person->two_factor_at !== null, 409);
        $factor->begin($person);

        return redirect()->to(route('account').'#codes');
    }

    public function confirm(ConfirmCodesRequest $request, SecondFactor $factor): RedirectResponse
    {
        $code = $request->validated()['code'];
        $person = $this->person($request);
        abort_if($person->two_factor_at !== null, 409);
        $codes = $factor->confirm($person, $code);
        if ($codes === null) {
            throw ValidationException::withMessages(['code' => __('auth.code_wrong')])->errorBag('codes');
        }
        History::note($person, History::CODES_ON, $request);

        return redirect()->to(route('account').'#codes')->with('recovery_codes', $codes);
    }

    public function end(ConfirmPasswordRequest $request, SecondFactor $factor): RedirectResponse
    {
        $person = $this->person($request);
        if ($person->two_factor_at !== null) {
            History::note($person, History::CODES_OFF, $request);
        }
        $factor->end($person);

        return redirect()->to(route('account').'#codes')->with('status', __('account.codes_off'));
    }
}
