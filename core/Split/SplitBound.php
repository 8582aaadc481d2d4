<?php

declare(strict_types=1);

namespace Dew\Core\Split;

/** Weighted minutes below which the heaviest clue of no split can lie. */
final class SplitBound
{
    public static function of(SplitProblem $problem): int
    {
        $weighted = $problem->weighted;
        if ($weighted === []) {
            return 0;
        }
        $low = max(max($weighted), intdiv(array_sum($weighted) + $problem->clues - 1, $problem->clues), self::byCounting($problem));
        if ($problem->isMystery) {
            $low = max($low, self::byKeepingBack($problem));
        }
        [$heads, $tails] = self::around($problem);
        $high = max($low, array_sum($weighted));
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if (self::hasRoom($problem, $heads, $tails, $middle)) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }

    /** Of the k·n + 1 heaviest items, one of n clues gets k + 1, at least the lightest of them. */
    private static function byCounting(SplitProblem $problem): int
    {
        $sorted = $problem->weighted;
        rsort($sorted);
        $most = 0;
        for ($each = 1; $each * $problem->clues < count($sorted); $each++) {
            $most = max($most, array_sum(array_slice($sorted, $each * $problem->clues - $each, $each + 1)));
        }

        return $most;
    }

    /** What a mystery may not show until a clue is done is made after it, at best what takes the fewest minutes for what it shows. */
    private static function byKeepingBack(SplitProblem $problem): int
    {
        $most = 0;
        foreach (array_keys($problem->items[0]->shown ?? []) as $size) {
            $rates = [];
            foreach ($problem->items as $number => $item) {
                if (($item->shown[$size] ?? 0.0) > 0.0) {
                    $rates[] = [$problem->weighted[$number] / $item->shown[$size], $item->shown[$size]];
                }
            }
            sort($rates);
            $whole = array_sum(array_column($rates, 1));
            for ($clue = 0; $clue < $problem->clues - 1; $clue++) {
                $left = $whole - $problem->limit($clue) - 1e-6;
                $minutes = 0.0;
                foreach ($rates as [$rate, $share]) {
                    if ($left <= 0.0) {
                        break;
                    }
                    $minutes += $rate * min($share, $left);
                    $left -= $share;
                }
                $most = max($most, (int) ceil($minutes / ($problem->clues - 1 - $clue) - 1e-6));
            }
        }

        return $most;
    }

    /**
     * Weighted minutes of everything that must come before each item, and behind it.
     *
     * @return array{list<int>, list<int>}
     */
    private static function around(SplitProblem $problem): array
    {
        $before = [];
        foreach ($problem->items as $number => $item) {
            $before[$number] = [];
            foreach ($item->needs as $needed) {
                $before[$number] += [$needed => true] + $before[$needed];
            }
        }
        $heads = $tails = array_fill(0, count($problem->items), 0);
        foreach ($before as $number => $all) {
            foreach (array_keys($all) as $needed) {
                $heads[$number] += $problem->weighted[$needed];
                $tails[$needed] += $problem->weighted[$number];
            }
        }

        return [array_values($heads), array_values($tails)];
    }

    /**
     * Whether every item has a clue between the first that can hold all before it and the last that can hold all behind it.
     *
     * @param  list<int>  $heads
     * @param  list<int>  $tails
     */
    private static function hasRoom(SplitProblem $problem, array $heads, array $tails, int $most): bool
    {
        foreach ($problem->weighted as $number => $minutes) {
            $first = intdiv($heads[$number] + $minutes + $most - 1, max(1, $most));
            $last = $problem->clues + 1 - intdiv($tails[$number] + $minutes + $most - 1, max(1, $most));
            if (max(1, $first) > min($problem->clues, $last)) {
                return false;
            }
        }

        return true;
    }
}
