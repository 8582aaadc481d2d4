<?php

declare(strict_types=1);

namespace Dew\Core\Split;

/**
 * Gives every clue something to make where a split leaves one empty and it costs nothing: the clues between an empty one and the nearest
 * one with several items move up, and that one is divided, about halfway, in the order of making. Where there are fewer items than clues,
 * the empty ones come last, as far as the picture may be shown so early.
 */
final class EmptyClues
{
    /**
     * @param  array<int, int>  $clueOf  the clue of every item
     * @return array<int, int>
     */
    public static function filled(SplitProblem $problem, array $clueOf): array
    {
        $cost = SplitCost::of($problem, $clueOf);
        // Each round fills one; where two are empty side by side, the second moves up.
        for ($round = 0; $round < $problem->clues; $round++) {
            $changed = null;
            foreach (array_diff(range(0, $problem->clues - 1), $clueOf) as $clue) {
                $changed ??= self::filledAt($problem, $clueOf, $clue, $cost);
            }
            if ($changed === null) {
                break;
            }
            $clueOf = $changed;
        }
        for ($clue = $problem->clues - 2; $clue >= 0; $clue--) {
            $earlier = array_map(fn (int $of): int => $of > $clue ? $of - 1 : $of, $clueOf);
            if (! in_array($clue, $clueOf, true) && SplitCost::keepsBack($problem, $earlier)) {
                $clueOf = $earlier;
            }
        }

        return $clueOf;
    }

    /**
     * @param  array<int, int>  $clueOf
     * @param  array{int, int, int}  $cost  that may not be passed
     * @return array<int, int>|null null where nothing can fill it
     */
    private static function filledAt(SplitProblem $problem, array $clueOf, int $empty, array $cost): ?array
    {
        for ($distance = 1; $distance < $problem->clues; $distance++) {
            foreach ([$empty + $distance, $empty - $distance] as $donor) {
                $changed = self::divided($problem, $clueOf, $empty, $donor);
                if ($changed !== null && SplitCost::isAllowed($problem, $changed) && SplitCost::of($problem, $changed) <= $cost) {
                    return $changed;
                }
            }
        }

        return null;
    }

    /**
     * @param  array<int, int>  $clueOf
     * @return array<int, int>|null null where the other clue has not two items
     */
    private static function divided(SplitProblem $problem, array $clueOf, int $empty, int $donor): ?array
    {
        $items = array_keys($clueOf, $donor, true);
        if (count($items) < 2) {
            return null;
        }
        $step = $donor > $empty ? -1 : 1;
        foreach ($clueOf as $item => $clue) {
            $between = $donor > $empty ? $clue > $empty && $clue < $donor : $clue < $empty && $clue > $donor;
            $clueOf[$item] = $between ? $clue + $step : $clue;
        }
        // The items of a clue stand in the order of making: those that go first leave for an earlier clue, those that go last for a later
        // one.
        $order = $step < 0 ? $items : array_reverse($items);
        $half = array_sum(array_map(fn (int $item): int => $problem->weighted[$item], $items)) / 2;
        $moved = 0;
        foreach (array_slice($order, 0, -1) as $item) {
            if ($moved > 0 && $moved + $problem->weighted[$item] > $half) {
                break;
            }
            $moved += max(1, $problem->weighted[$item]);
            $clueOf[$item] = $donor + $step;
        }

        return $clueOf;
    }
}
