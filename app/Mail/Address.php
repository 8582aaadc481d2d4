<?php

declare(strict_types=1);

namespace App\Mail;

/** Addresses as they stand in letters: at the place Dew is set up at, whatever name the request that causes the letter was sent to. */
final class Address
{
    /** @param  array<int|string, mixed>  $parameters */
    public static function of(string $route, array $parameters): string
    {
        return self::at(route($route, $parameters, absolute: false));
    }

    /** @param  string  $path  beginning with a slash */
    public static function at(string $path): string
    {
        return rtrim((string) config('app.url'), '/').$path;
    }
}
