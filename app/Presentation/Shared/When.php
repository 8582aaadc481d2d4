<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use DateTimeInterface;
use IntlDateFormatter;

/** Dates as people read them, on the wall clock of a named zone. */
final class When
{
    /** @var array<string, IntlDateFormatter> by locale, pattern and zone */
    private static array $formats = [];

    public static function full(DateTimeInterface $instant, string $zone): string
    {
        return self::text('full', $instant, $zone).' '.self::place($zone);
    }

    public static function short(DateTimeInterface $instant, string $zone): string
    {
        return self::text('short', $instant, $zone);
    }

    public static function day(DateTimeInterface $instant, string $zone): string
    {
        return self::text('day', $instant, $zone);
    }

    /** How long ago, as far as it matters: in hours, then in days. */
    public static function ago(DateTimeInterface $instant): string
    {
        $hours = max(0, intdiv(now()->getTimestamp() - $instant->getTimestamp(), 3600));

        return match (true) {
            $hours === 0 => __('dates.ago.now'),
            $hours < 24 => trans_choice('dates.ago.hours', $hours),
            default => trans_choice('dates.ago.days', intdiv($hours, 24)),
        };
    }

    /** "America/New_York" as "New York time". */
    public static function place(string $zone): string
    {
        $city = str_replace('_', ' ', substr($zone, (int) strrpos('/'.$zone, '/')));

        return $zone === 'UTC' ? 'UTC' : __('dates.place', ['city' => $city]);
    }

    private static function text(string $format, DateTimeInterface $instant, string $zone): string
    {
        $locale = app()->getLocale();
        $zone = $zone === '' ? 'UTC' : $zone;
        $formatter = self::$formats["$locale $format $zone"] ??= new IntlDateFormatter(
            $locale,
            IntlDateFormatter::NONE,
            IntlDateFormatter::NONE,
            $zone,
            pattern: __("dates.$format"),
        );

        return (string) $formatter->format($instant);
    }
}
