<?php

declare(strict_types=1);

namespace App\Security;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The time code that somebody is asked for beside her password, once she wants it; and the codes that stand in for a lost device. */
final class SecondFactor
{
    public const CODE = 'code';

    public const RECOVERY = 'recovery';

    private const RECOVERY_CODES = 8;

    /** A secret that counts once a code of it has been given: see {@see confirm()}. */
    public function begin(User $user): string
    {
        $secret = TimeCode::newSecret();
        $user->forceFill(['two_factor_secret' => $secret, 'two_factor_at' => null, 'two_factor_codes' => null, 'two_factor_step' => null])
            ->save();

        return $secret;
    }

    /** @return list<string>|null codes for a lost device, shown once; null when the code is not of the secret */
    public function confirm(User $user, string $code): ?array
    {
        $step = $user->two_factor_secret === null ? null : TimeCode::step($user->two_factor_secret, $code, now()->getTimestamp(), null);
        if ($step === null) {
            return null;
        }
        $codes = [];
        for ($number = 0; $number < self::RECOVERY_CODES; $number++) {
            $codes[] = Str::lower(implode('-', str_split(substr(TimeCode::newSecret(), 0, 12), 4)));
        }
        $user->forceFill([
            'two_factor_at' => now(),
            'two_factor_step' => $step,
            'two_factor_codes' => array_map($this->hashed(...), $codes),
        ])->save();

        return $codes;
    }

    public function end(User $user): void
    {
        $user->forceFill(['two_factor_secret' => null, 'two_factor_at' => null, 'two_factor_codes' => null, 'two_factor_step' => null])
            ->save();
    }

    /** @return string|null what kind of code it was, {@see CODE} or {@see RECOVERY}; each counts once. Null when it is neither */
    public function accept(User $user, string $code): ?string
    {
        return DB::transaction(function () use ($user, $code): ?string {
            /** @var User $locked */
            $locked = User::query()->whereKey($user->id)->lockForUpdate()->firstOrFail();
            $step = $locked->two_factor_secret === null
                ? null
                : TimeCode::step($locked->two_factor_secret, $code, now()->getTimestamp(), $locked->two_factor_step);
            if ($step !== null) {
                $locked->forceFill(['two_factor_step' => $step])->save();

                return self::CODE;
            }
            $left = $locked->two_factor_codes ?? [];
            $kept = array_values(array_filter($left, fn (string $hash): bool => ! hash_equals($hash, $this->hashed($code))));
            if (count($kept) === count($left)) {
                return null;
            }
            $locked->forceFill(['two_factor_codes' => $kept])->save();

            return self::RECOVERY;
        });
    }

    /** They hold sixty bits of chance: a plain hash is enough. */
    private function hashed(string $code): string
    {
        return hash('sha256', Str::lower((string) preg_replace('/[^a-z0-9]/i', '', $code)));
    }
}
