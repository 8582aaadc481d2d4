<?php

declare(strict_types=1);

namespace Dew\Core\Calendar;

use DateTimeImmutable;
use DateTimeZone;

/**
 * Dates by rule: every so many days or weeks, once a month on a day or on the same weekday as the first date (such as the first Saturday),
 * or a list of one's own. Dates in a week that is skipped are left out, and the rule goes on behind it.
 *
 * A date is a day on the wall, so nothing here knows of hours or zones: {@see ReleaseTime} makes instants of them.
 */
final readonly class ReleaseRule
{
    /** Dates looked at before the rule is given up: more than a year of days. */
    private const TRIES = 800;

    private const LIST_MOST = 60;

    /**
     * @param  list<string>  $dates  YYYY-MM-DD, of a list; empty otherwise
     * @param  list<string>  $skipped  YYYY-MM-DD; the whole week of each, Monday to Sunday, is left out
     * @param  string|null  $last  no date may lie behind it
     */
    private function __construct(
        private ReleasePace $pace,
        private DateTimeImmutable $first,
        private int $every,
        private array $dates,
        private array $skipped,
        private ?string $last,
    ) {
    }

    /**
     * @param  string  $first  YYYY-MM-DD
     * @param  int  $every  days, weeks or months between two
     * @param  list<string>  $skipped  days in weeks to be left out
     *
     * @throws ReleaseRuleException naming what to change
     */
    public static function of(ReleasePace $pace, string $first, int $every = 1, array $skipped = [], ?string $last = null): self
    {
        if ($every < 1 || $every > 60) {
            throw new ReleaseRuleException('every');
        }
        $day = self::day($first, 'first');

        return new self(
            $pace,
            $day,
            $every,
            [],
            self::days($skipped, 'skipped'),
            $last === null ? null : self::day($last, 'last')->format('Y-m-d'),
        );
    }

    /**
     * @param  list<string>  $dates  YYYY-MM-DD, in any order
     *
     * @throws ReleaseRuleException naming what to change
     */
    public static function ofDates(array $dates): self
    {
        $days = array_values(array_unique(self::days($dates, 'dates')));
        if ($days === [] || count($days) > self::LIST_MOST) {
            throw new ReleaseRuleException('dates');
        }
        sort($days);

        return new self(ReleasePace::Days, self::day($days[0], 'dates'), 1, $days, [], null);
    }

    /**
     * Reads a rule as it is typed: "weekly from 2027-01-09", "every 2 weeks from 2027-01-09 skip 2027-02-10 until 2027-06-01", "daily from
     * …", "monthly from …" (the same day of every month), "first saturday from 2027-01-01", "last friday from …", or dates with commas
     * between them.
     *
     * @throws ReleaseRuleException naming what to change
     */
    public static function parse(string $text): self
    {
        $text = strtolower(trim($text));
        if (preg_match('/^\d{4}-\d{2}-\d{2}(\s*,\s*\d{4}-\d{2}-\d{2})*$/', $text) === 1) {
            return self::ofDates(preg_split('/\s*,\s*/', $text) ?: []);
        }
        $date = '(\d{4}-\d{2}-\d{2})';
        $what = '(daily|weekly|monthly|every (\d{1,2}) (?:days?|weeks?|months?)|(first|second|third|fourth|last) ([a-z]+day))';
        if (preg_match("/^$what from $date(?: skip ([\\d ,-]+?))?(?: until $date)?$/", $text, $read) !== 1) {
            throw new ReleaseRuleException('rule');
        }
        $skipped = array_values(array_filter(preg_split('/[\s,]+/', trim($read[6] ?? '')) ?: []));
        $last = ($read[7] ?? '') === '' ? null : $read[7];
        if ($read[3] !== '') {
            $first = self::weekdayOfMonth(self::day($read[5], 'first'), $read[3], $read[4]);

            return self::of($read[3] === 'last' ? ReleasePace::LastWeekday : ReleasePace::Weekday, $first, 1, $skipped, $last);
        }
        $pace = match (true) {
            str_contains($read[1], 'da') => ReleasePace::Days,
            str_contains($read[1], 'week') => ReleasePace::Weeks,
            default => ReleasePace::Months,
        };

        return self::of($pace, $read[5], $read[2] === '' ? 1 : (int) $read[2], $skipped, $last);
    }

    /**
     * @param  int  $count  how many
     * @return list<string> YYYY-MM-DD, in their order
     *
     * @throws ReleaseRuleException when there are fewer, before the last date or in the list
     */
    public function dates(int $count): array
    {
        $dates = [];
        if ($this->dates !== []) {
            $dates = array_slice($this->dates, 0, $count);
        }
        for ($number = 0; $this->dates === [] && count($dates) < $count && $number < self::TRIES; $number++) {
            $date = $this->date($number)?->format('Y-m-d');
            if ($date !== null && $this->last !== null && $date > $this->last) {
                break;
            }
            if ($date !== null && ! $this->isSkipped($date)) {
                $dates[] = $date;
            }
        }
        if (count($dates) < $count) {
            throw new ReleaseRuleException($this->dates === [] ? 'last' : 'dates', count($dates));
        }

        return $dates;
    }

    /**
     * Dates moved by so many days, from one of them on.
     *
     * @param  list<string>  $dates
     * @return list<string>
     */
    public static function shifted(array $dates, int $from, int $days): array
    {
        return array_map(fn (string $date, int $number): string => $number < $from
            ? $date
            : self::day($date, 'dates')->modify(sprintf('%+d days', $days))->format('Y-m-d'), $dates, array_keys($dates));
    }

    /**
     * Dates from one on drawn together, so that the last falls on a day and those between keep an even distance.
     *
     * @param  list<string>  $dates
     * @param  int  $from  the first that may move stands behind this one, or at it where it is the first of all
     * @return list<string>
     *
     * @throws ReleaseRuleException when there are more of them than days
     */
    public static function pulledForward(array $dates, int $from, string $last): array
    {
        $begin = self::day($dates[$from] ?? '', 'dates');
        $span = (int) $begin->diff(self::day($last, 'last'))->format('%r%a');
        $steps = count($dates) - 1 - $from;
        if ($span < $steps) {
            throw new ReleaseRuleException('last', max(0, $span + 1));
        }

        return array_map(fn (string $date, int $number): string => $number <= $from
            ? $date
            : $begin->modify(sprintf(
                '+%d days',
                intdiv($span * ($number - $from), max(1, $steps)),
            ))->format('Y-m-d'), $dates, array_keys($dates));
    }

    private function date(int $number): ?DateTimeImmutable
    {
        $steps = $number * $this->every;
        $month = self::moved(self::moved($this->first, 'first day of this month'), "+$steps months");

        return match ($this->pace) {
            ReleasePace::Days => self::moved($this->first, "+$steps days"),
            ReleasePace::Weeks => self::moved($this->first, sprintf('+%d days', 7 * $steps)),
            // The 31st of a short month is its last day.
            ReleasePace::Months => self::moved($month, sprintf(
                '+%d days', min((int) $this->first->format('j'), (int) $month->format('t')) - 1,
            )),
            ReleasePace::Weekday => $this->weekday($month, intdiv((int) $this->first->format('j') - 1, 7)),
            ReleasePace::LastWeekday => self::moved($month, sprintf('last %s of this month', $this->first->format('l'))),
        };
    }

    /** The same weekday of a month, so many weeks behind its first; null where the month has no fifth. */
    private function weekday(DateTimeImmutable $month, int $weeks): ?DateTimeImmutable
    {
        $first = self::moved($month, sprintf('first %s of this month', $this->first->format('l')));
        $day = self::moved($first, sprintf('+%d days', 7 * $weeks));

        return $day->format('Y-m') === $month->format('Y-m') ? $day : null;
    }

    private static function moved(DateTimeImmutable $day, string $by): DateTimeImmutable
    {
        return $day->modify($by) ?: $day;
    }

    private function isSkipped(string $date): bool
    {
        $week = self::day($date, 'dates')->format('o-W');
        foreach ($this->skipped as $skipped) {
            if (self::day($skipped, 'skipped')->format('o-W') === $week) {
                return true;
            }
        }

        return false;
    }

    /** The first such weekday of a month at or behind a day. */
    private static function weekdayOfMonth(DateTimeImmutable $from, string $which, string $weekday): string
    {
        if (! in_array($weekday, ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'], true)) {
            throw new ReleaseRuleException('rule');
        }
        $day = $from->modify("$which $weekday of this month");

        return ($day < $from ? $from->modify("$which $weekday of next month") : $day)->format('Y-m-d');
    }

    /**
     * @param  list<string>  $dates
     * @return list<string>
     */
    private static function days(array $dates, string $part): array
    {
        return array_map(fn (string $date): string => self::day($date, $part)->format('Y-m-d'), $dates);
    }

    private static function day(string $date, string $part): DateTimeImmutable
    {
        $day = preg_match('/^\d{4}-\d{2}-\d{2}$/', $date) === 1
            ? DateTimeImmutable::createFromFormat('!Y-m-d', $date, new DateTimeZone('UTC'))
            : false;

        return $day === false || $day->format('Y-m-d') !== $date ? throw new ReleaseRuleException($part) : $day;
    }
}
