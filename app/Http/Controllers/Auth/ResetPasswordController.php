<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Controllers\Controller;
use App\Http\Requests\ResetPasswordRequest;
use App\Mail\PasswordChangedMail;
use App\Models\User;
use App\Security\History;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class ResetPasswordController extends Controller
{
    public function create(Request $request, string $token): View
    {
        return view('auth.reset-password', ['token' => $token, 'email' => $request->string('email')->limit(255, '')->value()]);
    }

    public function store(ResetPasswordRequest $request): RedirectResponse
    {
        $given = $request->only(['password', 'password_confirmation', 'token']) + [
            'email' => $request->string('email')->lower()->trim()->value(),
        ];
        $status = Password::reset($given, function (User $user, string $password) use ($request): void {
            $user->password = $password;
            $user->setRememberToken(Str::random(60));
            // She reads the address: the link came there.
            $user->email_verified_at ??= now()->toImmutable();
            $user->save();
            History::note($user, History::PASSWORD_CHANGED, $request);
            Mail::to($user)->send(new PasswordChangedMail($user));
            DB::table('sessions')->where('user_id', $user->id)->delete();
        });
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['email' => __('passwords.token')]);
        }

        return redirect()->route('login')->with('status', __('passwords.reset'));
    }
}
