<?php

declare(strict_types=1);

namespace Dew\Core\Calendar;

use RuntimeException;

/** A date, hour or zone that does not exist; `part` names the field. */
final class ReleaseTimeException extends RuntimeException
{
    /** @param  string  $part  date, time or zone */
    private function __construct(
        public readonly string $part,
        string $given,
    ) {
        parent::__construct("$part $given");
    }

    public static function unknownDate(string $date): self
    {
        return new self('date', $date);
    }

    public static function unknownTime(string $time): self
    {
        return new self('time', $time);
    }

    public static function unknownZone(string $zone): self
    {
        return new self('zone', $zone);
    }
}
