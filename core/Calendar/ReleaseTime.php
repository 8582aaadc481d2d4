<?php

declare(strict_types=1);

namespace Dew\Core\Calendar;

use DateTimeImmutable;
use DateTimeZone;
use Exception;

/**
 * When a clue opens: a date and an hour on the wall clock of a named zone, and the instant they mean.
 *
 * The wall clock is what was promised, so it is what is kept: 09:00 stays 09:00 across a change of clocks. Where the clocks skip the hour
 * it moves forward with them; where they show it twice the first counts.
 */
final readonly class ReleaseTime
{
    private function __construct(
        public string $date,
        public string $time,
        public string $zone,
        public DateTimeImmutable $instant,
        public bool $movedForward,
    ) {
    }

    /**
     * @param  string  $date  YYYY-MM-DD
     * @param  string  $time  HH:MM, 24 hours
     * @param  string  $zone  an IANA name such as Europe/Dublin
     *
     * @throws ReleaseTimeException when one of them does not exist
     */
    public static function of(string $date, string $time, string $zone): self
    {
        if (! self::isZone($zone)) {
            throw ReleaseTimeException::unknownZone($zone);
        }
        $day = preg_match('/^\d{4}-\d{2}-\d{2}$/', $date) === 1 ? DateTimeImmutable::createFromFormat('!Y-m-d', $date) : false;
        if ($day === false || $day->format('Y-m-d') !== $date) {
            throw ReleaseTimeException::unknownDate($date);
        }
        if (preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $time) !== 1) {
            throw ReleaseTimeException::unknownTime($time);
        }
        $instant = self::first(new DateTimeImmutable("$date $time:00", new DateTimeZone($zone)));

        return new self(
            $date,
            $time,
            $zone,
            $instant->setTimezone(new DateTimeZone('UTC')),
            $instant->format('Y-m-d H:i') !== "$date $time",
        );
    }

    /** The wall clock of a zone at an instant. */
    public static function at(DateTimeImmutable $instant, string $zone): self
    {
        if (! self::isZone($zone)) {
            throw ReleaseTimeException::unknownZone($zone);
        }
        $local = $instant->setTimezone(new DateTimeZone($zone));

        return new self($local->format('Y-m-d'), $local->format('H:i'), $zone, $instant->setTimezone(new DateTimeZone('UTC')), false);
    }

    /** The hour at which the clue opens on the wall: the asked one, or the one it moved to. */
    public function local(): DateTimeImmutable
    {
        return $this->instant->setTimezone(new DateTimeZone($this->zone));
    }

    private static function isZone(string $zone): bool
    {
        return in_array($zone, DateTimeZone::listIdentifiers(), true);
    }

    /** Where the wall clock shows an hour twice, the earlier of the two instants. */
    private static function first(DateTimeImmutable $instant): DateTimeImmutable
    {
        $wall = $instant->format('Y-m-d H:i');
        $zone = $instant->getTimezone();
        foreach ($zone->getTransitions($instant->getTimestamp() - 86_400, $instant->getTimestamp() + 86_400) ?: [] as $transition) {
            $earlier = (new DateTimeImmutable(
                '@'.($instant->getTimestamp() - self::fallBack($zone, $transition['ts'])),
            ))->setTimezone($zone);
            if ($earlier < $instant && $earlier->format('Y-m-d H:i') === $wall) {
                return $earlier;
            }
        }

        return $instant;
    }

    /** Seconds by which the clocks go back at a transition; 0 when they do not. */
    private static function fallBack(DateTimeZone $zone, int $transition): int
    {
        try {
            $before = $zone->getOffset(new DateTimeImmutable('@'.($transition - 1)));
            $after = $zone->getOffset(new DateTimeImmutable('@'.$transition));
        } catch (Exception) {
            return 0;
        }

        return max(0, $before - $after);
    }
}
