<?php

declare(strict_types=1);

namespace App\Http;

/** The names Dew answers to. */
final class Hosts
{
    /** @return list<string> from the configuration; else the host of the address Dew is set up at */
    public static function trusted(): array
    {
        $named = config('dew.trusted_hosts');
        $hosts = is_string($named) ? array_filter(array_map(trim(...), explode(',', $named)), fn (string $host): bool => $host !== '') : [];

        return $hosts !== [] ? array_values($hosts) : array_values(array_filter([self::own()]));
    }

    /** @return list<string> as regular expressions */
    public static function patterns(): array
    {
        return array_map(fn (string $host): string => '^'.preg_quote($host).'$', self::trusted());
    }

    /** The host of the address Dew is set up at. */
    public static function own(): string
    {
        return (string) parse_url((string) config('app.url'), PHP_URL_HOST);
    }
}
