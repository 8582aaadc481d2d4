<?php

declare(strict_types=1);

namespace Dew\Core\Split;

/**
 * What a split costs, by one rule for suggestions, bounds and comparisons: the heaviest clue's minutes weighted by members, then the
 * heaviest single size's, then the most new techniques in one clue.
 */
final class SplitCost
{
    /**
     * @param  array<int, int>  $clueOf  of every item
     * @return array{int, int, int}
     */
    public static function of(SplitProblem $problem, array $clueOf): array
    {
        $weighted = array_fill(0, $problem->clues, 0);
        $single = $items = [];
        foreach ($problem->items as $number => $item) {
            $clue = $clueOf[$number];
            $weighted[$clue] += $problem->weighted[$number];
            $items[$clue][] = $item;
            foreach ($item->minutes as $size => $minutes) {
                $single[$clue][$size] = ($single[$clue][$size] ?? 0) + $minutes;
            }
        }
        $known = [];
        $most = 0;
        for ($clue = 0; $clue < $problem->clues; $clue++) {
            $new = [];
            foreach ($items[$clue] ?? [] as $item) {
                $new += array_diff_key(array_fill_keys($item->techniques, true), $known);
            }
            $most = max($most, count($new));
            $known += $new;
        }

        return [max([0, ...$weighted]), max([0, ...array_map(fn (array $sizes): int => max([0, ...$sizes]), $single)]), $most];
    }

    /**
     * Whether nothing comes before what it needs, and the picture is kept back as far as it must be.
     *
     * @param  array<int, int>  $clueOf
     */
    public static function isAllowed(SplitProblem $problem, array $clueOf): bool
    {
        foreach ($problem->items as $number => $item) {
            foreach ($item->needs as $needed) {
                if ($clueOf[$needed] > $clueOf[$number]) {
                    return false;
                }
            }
        }

        return self::keepsBack($problem, $clueOf);
    }

    /** @param  array<int, int>  $clueOf */
    public static function keepsBack(SplitProblem $problem, array $clueOf): bool
    {
        if (! $problem->isMystery) {
            return true;
        }
        $shown = [];
        foreach ($problem->items as $number => $item) {
            foreach ($item->shown as $size => $share) {
                $shown[$size][$clueOf[$number]] = ($shown[$size][$clueOf[$number]] ?? 0.0) + $share;
            }
        }
        foreach ($shown as $clues) {
            $sum = 0.0;
            for ($clue = 0; $clue < $problem->clues; $clue++) {
                $sum += $clues[$clue] ?? 0.0;
                if ($sum > $problem->limit($clue) + 1e-9) {
                    return false;
                }
            }
        }

        return true;
    }
}
