<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use Carbon\CarbonImmutable;
use DateTimeInterface;

/** Dates as people read them, on the wall clock of a named zone. */
final class When
{
    public static function full(DateTimeInterface $instant, string $zone): string
    {
        return self::local($instant, $zone)->isoFormat(__('dates.full')).' '.self::place($zone);
    }

    public static function short(DateTimeInterface $instant, string $zone): string
    {
        return self::local($instant, $zone)->isoFormat(__('dates.short'));
    }

    public static function day(DateTimeInterface $instant, string $zone): string
    {
        return self::local($instant, $zone)->isoFormat(__('dates.day'));
    }

    /** "America/New_York" as "New York time". */
    public static function place(string $zone): string
    {
        $city = str_replace('_', ' ', substr($zone, (int) strrpos('/'.$zone, '/')));

        return $zone === 'UTC' ? 'UTC' : __('dates.place', ['city' => $city]);
    }

    private static function local(DateTimeInterface $instant, string $zone): CarbonImmutable
    {
        $local = CarbonImmutable::instance($instant)->setTimezone($zone === '' ? 'UTC' : $zone);
        $local->settings(['locale' => app()->getLocale()]);

        return $local;
    }
}
