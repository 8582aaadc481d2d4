<?php

declare(strict_types=1);

namespace App\Security;

use App\Models\SecurityEvent;
use App\Models\User;
use Illuminate\Http\Request;

use function Illuminate\Support\defer;

/** Writes down what touches the safety of an account, where its owner can read it. */
final class History
{
    public const SIGNED_IN = 'signed_in';

    public const SIGN_IN_FAILED = 'sign_in_failed';

    public const REGISTERED = 'registered';

    public const PASSWORD_CHANGED = 'password_changed';

    public const EMAIL_CHANGED = 'email_changed';

    public const SESSIONS_ENDED = 'sessions_ended';

    public const CODES_ON = 'codes_on';

    public const CODES_OFF = 'codes_off';

    public const RECOVERY_CODE = 'recovery_code';

    public static function note(User $user, string $kind, Request $request): void
    {
        SecurityEvent::query()->create([
            'user_id' => $user->id,
            'kind' => $kind,
            'ip' => $request->ip(),
            'agent' => $request->userAgent(),
        ]);
    }

    /** After the answer has gone out, so that its time does not tell whether there was anything to write. */
    public static function noteLater(User $user, string $kind, Request $request): void
    {
        defer(function () use ($user, $kind, $request): void {
            if (User::query()->whereKey($user->id)->exists()) {
                self::note($user, $kind, $request);
            }
        }, always: true);
    }
}
