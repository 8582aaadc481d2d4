<?php

declare(strict_types=1);

namespace App\Support;

use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/** An iCalendar file of the hours at which clues open. Times are written as instants, so that every calendar shows them on its own wall. */
final readonly class CalendarFile
{
    private VCalendar $calendar;

    public function __construct(string $name)
    {
        $this->calendar = new VCalendar(['PRODID' => '-//Dew//Quilt-along//EN', 'X-WR-CALNAME' => $name]);
        $this->calendar->add('METHOD', 'PUBLISH');
    }

    /**
     * @param  string  $id  the same for the same clue, whenever the file is asked for
     * @param  string|null  $address  where to read more
     */
    public function add(string $id, string $title, DateTimeImmutable $instant, DateTimeImmutable $changed, ?string $address = null): void
    {
        $utc = fn (DateTimeImmutable $time): DateTimeImmutable => $time->setTimezone(new DateTimeZone('UTC'));
        $this->calendar->add('VEVENT', [
            'UID' => $id,
            'DTSTAMP' => $utc($changed),
            'DTSTART' => $utc($instant),
            'DURATION' => 'PT15M',
            'SUMMARY' => $title,
            'TRANSP' => 'TRANSPARENT',
        ] + ($address === null ? [] : ['URL' => $address]));
    }

    /**
     * Something whose date is only roughly known: a whole day that is not certain, or, without a day, a thing to come that has none.
     *
     * @param  string  $id  the same for the same clue, whenever the file is asked for
     */
    public function addRoughly(string $id, string $title, ?DateTimeImmutable $day, DateTimeImmutable $changed): void
    {
        $about = ['UID' => $id, 'DTSTAMP' => $changed->setTimezone(new DateTimeZone('UTC')), 'SUMMARY' => $title];
        if ($day === null) {
            $this->calendar->add('VTODO', $about + ['STATUS' => 'NEEDS-ACTION']);

            return;
        }
        $event = $this->calendar->add('VEVENT', $about + ['STATUS' => 'TENTATIVE', 'TRANSP' => 'TRANSPARENT']);
        if ($event instanceof VEvent) {
            $event->add('DTSTART', $day->format('Ymd'), ['VALUE' => 'DATE']);
        }
    }

    public function text(): string
    {
        return $this->calendar->serialize();
    }
}
