<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\Clue;
use App\Models\QuiltAlong;
use App\Support\RuleMessage;
use Dew\Core\Calendar\ReleasePace;
use Dew\Core\Calendar\ReleaseRule;
use Dew\Core\Calendar\ReleaseRuleException;
use Dew\Core\Calendar\ReleaseTime;
use Dew\Core\Calendar\ReleaseTimeException;

/** Dates that a host is about to set, beside those that are set: for all clues from one on that are not open yet. */
final readonly class DatePlan
{
    /** What is asked for, by field. */
    public const FIELDS = ['what', 'from', 'first', 'time', 'zone', 'every', 'pace', 'skipped', 'last', 'dates', 'days', 'by'];

    private const MONTHS = 14;

    /**
     * @param  list<Clue>  $clues  all of them, in their order
     * @param  array<int, ReleaseTime>  $times  by the number of the clue
     * @param  array<string, string>  $errors  by field; empty when the dates can be set
     */
    private function __construct(
        public array $clues,
        public array $times,
        public array $errors,
    ) {
    }

    /** @return list<Clue> those whose date is only roughly known: they are left alone */
    public function rough(): array
    {
        return array_values(array_filter($this->clues, fn (Clue $clue): bool => $clue->isToCome() && $clue->about !== null));
    }

    /** @param  array<string, string>  $asked  by field: see {@see FIELDS} */
    public static function of(QuiltAlong $quiltAlong, array $asked): self
    {
        $clues = array_values($quiltAlong->clues()->orderBy('number')->get()->all());
        $from = preg_match('/^\d{1,4}$/', $asked['from'] ?? '') === 1 ? (int) $asked['from'] : 1;
        $moved = array_values(array_filter($clues, fn (Clue $clue): bool => $clue->number >= $from
            && $clue->isToCome() && $clue->about === null));
        if (($asked['what'] ?? '') === '' || $moved === []) {
            return new self($clues, [], []);
        }
        try {
            $times = self::times($moved, $asked, $quiltAlong->zone);
        } catch (ReleaseRuleException $error) {
            return new self($clues, [], [self::field($error->part) => RuleMessage::of($error)]);
        } catch (ReleaseTimeException $error) {
            return new self($clues, [], [$error->part => __('clues.errors.'.$error->part)]);
        }

        return is_string($times) ? new self($clues, [], ['from' => $times]) : new self($clues, $times, self::clashes($clues, $times));
    }

    /** Whether nothing stands open any more that a date could be set for. */
    public function isOver(): bool
    {
        return array_filter($this->clues, fn (Clue $clue): bool => $clue->isToCome()) === [];
    }

    /** @return list<int> numbers of the clues whose date would change */
    public function changed(): array
    {
        $changed = [];
        foreach ($this->clues as $clue) {
            $time = $this->times[$clue->number] ?? null;
            if ($time !== null && [$clue->local_date, $clue->local_time, $clue->zone] !== [$time->date, $time->time, $time->zone]) {
                $changed[] = $clue->number;
            }
        }

        return $changed;
    }

    /**
     * The months that hold any of the dates, day by day.
     *
     * @return list<array{title: string, weeks: list<list<array{day: int, now: list<int>, then: list<int>}|null>>}> weeks begin on Monday;
     *     numbers of clues by day
     */
    public function months(): array
    {
        $now = $then = [];
        foreach ($this->clues as $clue) {
            if ($clue->local_date !== null) {
                $now[$clue->local_date][] = $clue->number;
            }
            $date = $this->times[$clue->number]->date ?? $clue->local_date;
            if ($date !== null) {
                $then[$date][] = $clue->number;
            }
        }
        $dates = array_keys($now + $then);
        sort($dates);
        if ($dates === []) {
            return [];
        }
        $months = [];
        $month = now()->setDateFrom($dates[0])->startOfMonth()->toImmutable();
        $end = substr((string) end($dates), 0, 7);
        while ($month->format('Y-m') <= $end && count($months) < self::MONTHS) {
            $days = array_fill(0, $month->isoWeekday() - 1, null);
            for ($day = 1; $day <= $month->daysInMonth; $day++) {
                $date = $month->format('Y-m-').str_pad((string) $day, 2, '0', STR_PAD_LEFT);
                $days[] = ['day' => $day, 'now' => $now[$date] ?? [], 'then' => $then[$date] ?? []];
            }
            $months[] = ['title' => $month->isoFormat('MMMM YYYY'), 'weeks' => array_map(
                fn (array $week): array => array_pad($week, 7, null), array_chunk($days, 7),
            )];
            $month = $month->addMonth();
        }

        return $months;
    }

    /**
     * @param  list<Clue>  $moved
     * @param  array<string, string>  $asked
     * @return array<int, ReleaseTime>|string by number; why they cannot be moved
     *
     * @throws ReleaseRuleException
     * @throws ReleaseTimeException
     */
    private static function times(array $moved, array $asked, string $zone): array|string
    {
        $what = $asked['what'] ?? '';
        $list = fn (string $field): array => array_values(array_filter(preg_split('/[\s,;]+/', $asked[$field] ?? '') ?: []));
        $whole = fn (string $field): int => preg_match('/^[+-]?\d{1,4}$/', trim($asked[$field] ?? '')) === 1
            ? (int) $asked[$field]
            : throw new ReleaseRuleException($field);
        if ($what === 'rule' || $what === 'list') {
            $rule = $what === 'list' ? ReleaseRule::ofDates($list('dates')) : ReleaseRule::of(
                ReleasePace::tryFrom($asked['pace'] ?? '') ?? ReleasePace::Weeks,
                $asked['first'] ?? '',
                $whole('every'),
                $list('skipped'),
                ($asked['last'] ?? '') === '' ? null : $asked['last'],
            );
            $times = [];
            foreach ($rule->dates(count($moved)) as $number => $date) {
                $times[$moved[$number]->number] = ReleaseTime::of($date, $asked['time'] ?? '', ($asked['zone'] ?? '') ?: $zone);
            }

            return $times;
        }
        $dates = [];
        foreach ($moved as $clue) {
            if ($clue->local_date === null || $clue->local_time === null || $clue->zone === null) {
                return __('calendar.not_set', ['number' => $clue->number]);
            }
            $dates[] = $clue->local_date;
        }
        $dates = $what === 'pull'
            ? ReleaseRule::pulledForward($dates, 0, $asked['by'] ?? '')
            : ReleaseRule::shifted($dates, 0, $whole('days'));
        $times = [];
        foreach ($dates as $number => $date) {
            $clue = $moved[$number];
            $times[$clue->number] = ReleaseTime::of($date, (string) $clue->local_time, (string) $clue->zone);
        }

        return $times;
    }

    /**
     * Dates that are over, or that do not rise.
     *
     * @param  list<Clue>  $clues
     * @param  array<int, ReleaseTime>  $times
     * @return array<string, string>
     */
    private static function clashes(array $clues, array $times): array
    {
        $before = null;
        foreach ($clues as $clue) {
            $instant = isset($times[$clue->number]) ? $times[$clue->number]->instant : $clue->release_at?->toDateTimeImmutable();
            if ($instant === null) {
                continue;
            }
            $time = $times[$clue->number] ?? null;
            if ($time !== null && $instant <= now()) {
                $next = now($time->zone)->setTimeFromTimeString($time->time)->toImmutable();
                while ($next <= now() || $next->format('N') !== $time->local()->format('N')) {
                    $next = $next->addDay();
                }

                return ['first' => __(
                    'calendar.past', ['number' => $clue->number, 'date' => $time->date, 'next' => $next->format('Y-m-d')],
                )];
            }
            if ($time !== null && $before !== null && $instant <= $before[1]) {
                return ['first' => __('calendar.order', ['number' => $clue->number, 'date' => $time->date, 'before' => $before[0]])];
            }
            $before = [$clue->number, $instant];
        }

        return [];
    }

    /** The field of the form that a part of a rule was typed into. */
    private static function field(string $part): string
    {
        return in_array($part, ['rule', 'first'], true) ? 'first' : $part;
    }
}
