<?php

declare(strict_types=1);

namespace App\Security;

/** Six figures that change every half minute, worked out from a shared secret and the time: RFC 6238 with SHA-1, as every app for it has. */
final class TimeCode
{
    private const SECONDS = 30;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** A new secret of 160 bits, as the letters and figures that are typed into an app. */
    public static function newSecret(): string
    {
        $secret = '';
        for ($place = 0; $place < 32; $place++) {
            $secret .= self::ALPHABET[random_int(0, 31)];
        }

        return $secret;
    }

    /** The code of a step of half a minute, counted from 1970. */
    public static function at(string $secret, int $step): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), self::bytes($secret), true);
        $offset = ord($hash[19]) & 0x0F;
        $number = ((ord($hash[$offset]) & 0x7F) << 24) | (ord($hash[$offset + 1]) << 16) | (ord($hash[$offset + 2]) << 8)
            | ord($hash[$offset + 3]);

        return str_pad((string) ($number % 1_000_000), 6, '0', STR_PAD_LEFT);
    }

    /**
     * The step whose code this is, now or one step to either side, since clocks differ; null when it is none of them, or not after the step
     * that was used last: nobody can use a code again that was looked at over a shoulder.
     */
    public static function step(string $secret, string $code, int $now, ?int $last): ?int
    {
        $code = preg_replace('/\s/', '', $code) ?? '';
        $here = intdiv($now, self::SECONDS);
        foreach ([$here, $here - 1, $here + 1] as $step) {
            if (hash_equals(self::at($secret, $step), $code) && ($last === null || $step > $last)) {
                return $step;
            }
        }

        return null;
    }

    /** The address by which an app takes the secret over. */
    public static function address(string $secret, string $account): string
    {
        return sprintf('otpauth://totp/Dew:%s?secret=%s&issuer=Dew', rawurlencode($account), $secret);
    }

    private static function bytes(string $secret): string
    {
        $bits = '';
        foreach (str_split($secret) as $letter) {
            $bits .= str_pad(decbin((int) strpos(self::ALPHABET, $letter)), 5, '0', STR_PAD_LEFT);
        }
        $bytes = '';
        foreach (str_split($bits, 8) as $byte) {
            $bytes .= strlen($byte) === 8 ? chr((int) bindec($byte)) : '';
        }

        return $bytes;
    }
}
