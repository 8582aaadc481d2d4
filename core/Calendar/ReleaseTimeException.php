<?php

declare(strict_types=1);

namespace Dew\Core\Calendar;

use RuntimeException;

/** A date, hour or zone that does not exist; `part` names the field. */
final class ReleaseTimeException extends RuntimeException
{
    private function __construct(
        public readonly string $part,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function unknownDate(string $date): self
    {
        return new self('date', sprintf('"%s" is not a day in the calendar.', $date));
    }

    public static function unknownTime(string $time): self
    {
        return new self('time', sprintf('"%s" is not an hour of the day. Write it like 09:00.', $time));
    }

    public static function unknownZone(string $zone): self
    {
        return new self('zone', sprintf('"%s" is not a time zone. Choose one from the list, such as Europe/Dublin.', $zone));
    }
}
