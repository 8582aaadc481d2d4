<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Controllers\Controller;
use App\Http\Requests\ForgotPasswordRequest;
use App\Mail\ResetPasswordMail;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;

final class ForgotPasswordController extends Controller
{
    public function create(): View
    {
        return view('auth.forgot-password');
    }

    /** The answer is the same whether or not there is such an account. */
    public function store(ForgotPasswordRequest $request): RedirectResponse
    {
        $send = function (User $user, string $token): void {
            Mail::to($user)->send(new ResetPasswordMail($user, $token));
        };
        Password::sendResetLink(['email' => $request->string('email')->lower()->trim()->value()], $send);

        return back()->with('status', __('passwords.sent'));
    }
}
