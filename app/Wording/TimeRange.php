<?php

declare(strict_types=1);

namespace App\Wording;

/** How long something takes, as a range in round numbers: an estimate to the minute would claim too much. */
final class TimeRange
{
    /**
     * @param  array{int, int}  $minutes  at least and at most
     * @param  bool  $short  with h and min, for a narrow place
     */
    public static function text(array $minutes, bool $short = false): string
    {
        [$least, $most] = $minutes;
        if ($most === 0) {
            return __('dates.no_time');
        }
        [$unit, $step] = match (true) {
            $most >= 20 * 60 => ['hours', 5 * 60],
            $most >= 3 * 60 => ['hours', 60],
            $most >= 60 => ['minutes', 10],
            default => ['minutes', 5],
        };
        [$from, $to] = array_map(
            fn (int $one): int => (int) max($step, $step * round($one / $step)) / ($unit === 'hours' ? 60 : 1), [$least, $most],
        );

        return $from === $to
            ? trans_choice('dates.about_'.$unit, $to, ['count' => $to])
            : __(($short ? 'dates.short_' : 'dates.range_').$unit, ['from' => $from, 'to' => $to]);
    }
}
