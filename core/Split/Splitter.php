<?php

declare(strict_types=1);

namespace Dew\Core\Split;

/**
 * Suggests how to share work out over clues. Small problems are solved outright, over all sets of items that can be done first; larger ones
 * are filled clue by clue in several orders and then bettered by moves and exchanges. The same problem always gives the same split.
 */
final readonly class Splitter
{
    /** Sets of items that can be done first, up to which a problem is solved outright, and steps from one of them to a larger one. */
    private const FEW = 1_100;

    private const FEW_STEPS = 60_000;

    /** Moves and exchanges that are made at most. */
    private const MOVES = 120;

    /** Choices looked at to fill one clue as well as can be. */
    private const LOOKS = 300;

    private const NONE = PHP_INT_MAX;

    /** @var list<list<int>> what needs each item */
    private array $neededBy;

    private function __construct(private SplitProblem $problem)
    {
        $neededBy = array_fill(0, count($problem->items), []);
        foreach ($problem->items as $number => $item) {
            foreach ($item->needs as $needed) {
                $neededBy[$needed][] = $number;
            }
        }
        $this->neededBy = $neededBy;
    }

    public static function suggest(SplitProblem $problem): Split
    {
        $bound = SplitBound::of($problem);
        if ($problem->items === []) {
            return new Split($problem, [], [0, 0, 0], 0, true);
        }
        $splitter = new self($problem);
        $sets = $splitter->sets();
        $steps = $sets === null ? null : $splitter->steps($sets);
        $clueOf = $sets === null || $steps === null
            ? $splitter->bettered($splitter->filled($bound))
            : $splitter->best($sets, $steps);
        $clueOf = EmptyClues::filled($problem, $clueOf);

        return new Split($problem, $clueOf, SplitCost::of($problem, $clueOf), $bound, $steps !== null);
    }

    /**
     * Every set of items that can be done first, each as bits, smaller ones before larger ones.
     *
     * @return list<int>|null null when there are too many
     */
    private function sets(): ?array
    {
        $count = count($this->problem->items);
        if ($count > 40) {
            return null;
        }
        $needs = array_map(
            fn (SplitItem $item): int => array_sum(array_map(fn (int $needed): int => 1 << $needed, $item->needs)),
            $this->problem->items,
        );
        $sets = $layer = [0 => true];
        while ($layer !== []) {
            $next = [];
            foreach (array_keys($layer) as $set) {
                for ($item = 0; $item < $count; $item++) {
                    if (($set & (1 << $item)) === 0 && ($needs[$item] & ~$set) === 0) {
                        $next[$set | (1 << $item)] = true;
                    }
                }
            }
            $sets += $next;
            if (count($sets) > self::FEW) {
                return null;
            }
            $layer = $next;
        }

        return array_keys($sets);
    }

    /**
     * The best split there is: first the lightest heaviest clue; among the splits that keep it, the next measure; and so on.
     *
     * @param  list<int>  $sets
     * @param  array<int, list<array{int, array{int, int, int}}>>  $steps
     * @return array<int, int> the clue of every item
     */
    private function best(array $sets, array $steps): array
    {
        $limits = [self::NONE, self::NONE, self::NONE];
        for ($measure = 0; $measure < 3; $measure++) {
            $limits[$measure] = $this->lightest($sets, $steps, $limits, $measure);
        }

        return $this->traced($sets, $steps, $limits);
    }

    /**
     * What a clue costs that leads from one set to a larger one.
     *
     * @param  list<int>  $sets
     * @return array<int, list<array{int, array{int, int, int}}>>|null by the number of the larger set: smaller sets and costs; null when
     *     there are too many
     */
    private function steps(array $sets): ?array
    {
        $many = 0;
        foreach ($sets as $set) {
            foreach ($sets as $smaller) {
                if (($smaller & ~$set) === 0 && ++$many > self::FEW_STEPS) {
                    return null;
                }
            }
        }
        $kinds = [];
        foreach ($this->problem->items as $item) {
            foreach ($item->techniques as $technique) {
                $kinds[$technique] ??= 1 << count($kinds);
            }
        }
        $sums = [];
        foreach ($sets as $number => $set) {
            $sum = ['weighted' => 0, 'techniques' => 0, 'minutes' => []];
            foreach ($this->problem->items as $item => $of) {
                if (($set & (1 << $item)) !== 0) {
                    $sum['weighted'] += $this->problem->weighted[$item];
                    foreach ($of->minutes as $size => $minutes) {
                        $sum['minutes'][$size] = ($sum['minutes'][$size] ?? 0) + $minutes;
                    }
                    foreach ($of->techniques as $technique) {
                        $sum['techniques'] |= $kinds[$technique];
                    }
                }
            }
            $sums[$number] = $sum;
        }
        $steps = [];
        foreach ($sets as $number => $set) {
            foreach ($sets as $other => $smaller) {
                if (($smaller & ~$set) !== 0) {
                    continue;
                }
                $single = 0;
                foreach ($sums[$number]['minutes'] as $size => $minutes) {
                    $single = max($single, $minutes - ($sums[$other]['minutes'][$size] ?? 0));
                }
                $new = $sums[$number]['techniques'] & ~$sums[$other]['techniques'];
                $steps[$number][] = [$other, [
                    $sums[$number]['weighted'] - $sums[$other]['weighted'], $single, substr_count(decbin($new), '1'),
                ]];
            }
        }

        return $steps;
    }

    /**
     * The smallest most that one measure need reach in a clue, while the measures before it stay within their limits.
     *
     * @param  list<int>  $sets
     * @param  array<int, list<array{int, array{int, int, int}}>>  $steps
     * @param  array{int, int, int}  $limits
     */
    private function lightest(array $sets, array $steps, array $limits, int $measure): int
    {
        $reached = array_fill(0, count($sets), self::NONE);
        $reached[0] = 0;
        for ($clue = 0; $clue < $this->problem->clues; $clue++) {
            $next = [];
            foreach ($sets as $number => $set) {
                $least = self::NONE;
                foreach ($this->isShowable($set, $clue) ? $steps[$number] : [] as [$other, $cost]) {
                    if ($reached[$other] !== self::NONE && $this->keeps($cost, $limits, $measure)) {
                        $least = min($least, max($reached[$other], $cost[$measure]));
                    }
                }
                $next[$number] = $least;
            }
            $reached = $next;
        }

        return $reached[count($sets) - 1];
    }

    /**
     * A split whose every measure stays within its limits.
     *
     * @param  list<int>  $sets
     * @param  array<int, list<array{int, array{int, int, int}}>>  $steps
     * @param  array{int, int, int}  $limits
     * @return array<int, int> the clue of every item
     */
    private function traced(array $sets, array $steps, array $limits): array
    {
        $from = [];
        $reached = [0 => true];
        for ($clue = 0; $clue < $this->problem->clues; $clue++) {
            $next = [];
            foreach ($sets as $number => $set) {
                foreach ($this->isShowable($set, $clue) ? $steps[$number] : [] as [$other, $cost]) {
                    if (isset($reached[$other]) && $this->keeps($cost, $limits, 3)) {
                        $next[$number] = true;
                        $from[$clue][$number] ??= $other;
                    }
                }
            }
            $reached = $next;
        }
        $clueOf = array_fill(0, count($this->problem->items), 0);
        $at = count($sets) - 1;
        for ($clue = $this->problem->clues - 1; $clue >= 0; $clue--) {
            $before = $from[$clue][$at] ?? 0;
            foreach (array_keys($clueOf) as $item) {
                if ((($sets[$at] & ~$sets[$before]) & (1 << $item)) !== 0) {
                    $clueOf[$item] = $clue;
                }
            }
            $at = $before;
        }

        return $clueOf;
    }

    /**
     * @param  array{int, int, int}  $cost
     * @param  array{int, int, int}  $limits
     */
    private function keeps(array $cost, array $limits, int $measures): bool
    {
        for ($one = 0; $one < $measures; $one++) {
            if ($cost[$one] > $limits[$one]) {
                return false;
            }
        }

        return true;
    }

    /** Whether a set of items may be sewn once a clue is done. */
    private function isShowable(int $set, int $clue): bool
    {
        if (! $this->problem->isMystery) {
            return true;
        }
        $shown = [];
        foreach ($this->problem->items as $number => $item) {
            foreach (($set & (1 << $number)) === 0 ? [] : $item->shown as $size => $share) {
                $shown[$size] = ($shown[$size] ?? 0.0) + $share;
            }
        }

        return $shown === [] || max($shown) <= $this->problem->limit($clue) + 1e-9;
    }

    /**
     * Filled clue by clue up to the smallest most that can be reached so, in the best of several orders.
     *
     * @return array<int, int> the clue of every item
     */
    private function filled(int $bound): array
    {
        $best = array_fill(0, count($this->problem->items), $this->problem->clues - 1);
        $cost = SplitCost::of($this->problem, $best);
        foreach ([false, true] as $looks) {
            foreach ($this->orders() as $order) {
                // Nearer to the bound than one part in two hundred is left to the exchanges that follow.
                [$low, $high] = [$bound, $cost[0] - intdiv($bound, 200)];
                while ($low <= $high) {
                    $most = intdiv($low + $high, 2);
                    $clueOf = $this->fill($order, $most, $looks);
                    $found = $clueOf === null ? null : SplitCost::of($this->problem, $clueOf);
                    if ($clueOf !== null && $found !== null && $found < $cost) {
                        [$best, $cost] = [$clueOf, $found];
                    }
                    if ($clueOf === null) {
                        $low = $most + max(1, intdiv($bound, 200));
                    } else {
                        $high = min($most, $found[0] ?? $most) - max(1, intdiv($bound, 200));
                    }
                }
            }
        }

        return $best;
    }

    /** @return list<list<int>> items in orders in which a clue is filled: heaviest following first, heaviest first, as they stand */
    private function orders(): array
    {
        $count = count($this->problem->items);
        $behind = $this->problem->weighted;
        for ($number = $count - 1; $number >= 0; $number--) {
            foreach ($this->neededBy[$number] as $other) {
                $behind[$number] += $behind[$other];
            }
        }
        $plain = range(0, $count - 1);
        $by = function (array $values) use ($plain): array {
            $order = $plain;
            usort($order, fn (int $one, int $other): int => [$values[$other], $one] <=> [$values[$one], $other]);

            return $order;
        };

        return [$by($behind), $by($this->problem->weighted), $plain];
    }

    /**
     * @param  list<int>  $order
     * @param  int  $most  weighted minutes of a clue
     * @param  bool  $looks  whether each clue is filled as full as a limited search finds, instead of by the order alone
     * @return array<int, int>|null null when something is left over
     */
    private function fill(array $order, int $most, bool $looks): ?array
    {
        $left = array_fill_keys($order, true);
        $clueOf = array_fill(0, count($order), $this->problem->clues - 1);
        $shown = array_map(fn (): float => 0.0, $this->problem->items[0]->shown);
        for ($clue = 0; $clue < $this->problem->clues && $left !== []; $clue++) {
            $taken = $this->take($order, $left, $most, $shown, $clue);
            if ($looks) {
                $looked = 0;
                $taken = $this->look(array_keys($left), $left, $most, $shown, $clue, 0, [], 0, $taken, $looked);
            }
            foreach ($taken as $item) {
                $clueOf[$item] = $clue;
                unset($left[$item]);
                foreach ($this->problem->items[$item]->shown as $size => $share) {
                    $shown[$size] += $share;
                }
            }
        }

        return $left === [] ? $clueOf : null;
    }

    /**
     * What a clue takes when the first that fits is always taken.
     *
     * @param  list<int>  $order
     * @param  array<int, true>  $left
     * @param  array<string, float>  $shown
     * @return list<int>
     */
    private function take(array $order, array $left, int $most, array $shown, int $clue): array
    {
        $taken = [];
        $room = $most;
        do {
            $found = false;
            foreach ($order as $item) {
                if (isset($left[$item]) && $this->problem->weighted[$item] <= $room && $this->isFree($item, $left)
                    && $this->fits($item, $shown, $clue)) {
                    unset($left[$item]);
                    $taken[] = $item;
                    $room -= $this->problem->weighted[$item];
                    foreach ($this->problem->items[$item]->shown as $size => $share) {
                        $shown[$size] += $share;
                    }
                    $found = true;
                    break;
                }
            }
        } while ($found);

        return $taken;
    }

    /**
     * The fullest clue among so many choices.
     *
     * @param  list<int>  $order
     * @param  array<int, true>  $left
     * @param  array<string, float>  $shown
     * @param  list<int>  $taken
     * @param  list<int>  $best
     * @return list<int>
     */
    private function look(
        array $order,
        array $left,
        int $most,
        array $shown,
        int $clue,
        int $from,
        array $taken,
        int $sum,
        array $best,
        int &$looked,
    ): array {
        $full = array_sum(array_map(fn (int $item): int => $this->problem->weighted[$item], $best));
        for ($at = $from; $at < count($order) && $full < $most && $looked < self::LOOKS; $at++) {
            $item = $order[$at];
            $after = $sum + $this->problem->weighted[$item];
            if ($after > $most || ! $this->isFree($item, $left) || ! $this->fits($item, $shown, $clue)) {
                continue;
            }
            $looked++;
            $then = $shown;
            foreach ($this->problem->items[$item]->shown as $size => $share) {
                $then[$size] += $share;
            }
            if ($after > $full) {
                [$best, $full] = [[...$taken, $item], $after];
            }
            $best = $this->look(
                $order,
                array_diff_key($left, [$item => true]),
                $most,
                $then,
                $clue,
                $at + 1,
                [...$taken, $item],
                $after,
                $best,
                $looked,
            );
            $full = array_sum(array_map(fn (int $one): int => $this->problem->weighted[$one], $best));
        }

        return $best;
    }

    /** @param  array<int, true>  $left */
    private function isFree(int $item, array $left): bool
    {
        foreach ($this->problem->items[$item]->needs as $needed) {
            if (isset($left[$needed])) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<string, float>  $shown */
    private function fits(int $item, array $shown, int $clue): bool
    {
        if (! $this->problem->isMystery) {
            return true;
        }
        foreach ($this->problem->items[$item]->shown as $size => $share) {
            if ($this->problem->limit($clue) + 1e-9 < $shown[$size] + $share) {
                return false;
            }
        }

        return true;
    }

    /**
     * Bettered by moving an item of a heaviest clue, or exchanging it with another one, as long as that helps.
     *
     * @param  array<int, int>  $clueOf
     * @return array<int, int> the clue of every item
     */
    private function bettered(array $clueOf): array
    {
        for ($made = 0; $made < self::MOVES; $made++) {
            $change = $this->change($clueOf);
            if ($change === null) {
                break;
            }
            foreach ($change as $item => $clue) {
                $clueOf[$item] = $clue;
            }
        }

        return $clueOf;
    }

    /**
     * The one move or exchange that helps most: by the cost, and where that stays the same by how evenly the clues lie.
     *
     * @param  array<int, int>  $clueOf
     * @return array<int, int>|null the new clues of one or two items; null when nothing helps
     */
    private function change(array $clueOf): ?array
    {
        $clues = $this->problem->clues;
        $weighted = array_fill(0, $clues, 0);
        $single = array_fill(0, $clues, array_map(fn (): int => 0, $this->problem->items[0]->minutes));
        foreach ($this->problem->items as $number => $item) {
            $weighted[$clueOf[$number]] += $this->problem->weighted[$number];
            foreach ($item->minutes as $size => $minutes) {
                $single[$clueOf[$number]][$size] += $minutes;
            }
        }
        $most = array_map(fn (array $sizes): int => max([0, ...$sizes]), $single);
        $heavy = array_fill_keys(array_keys($weighted, max([0, ...$weighted]), true), true)
            + array_fill_keys(array_keys($most, max([0, ...$most]), true), true);
        $best = [...SplitCost::of($this->problem, $clueOf), 0];
        $change = null;
        foreach ($clueOf as $item => $from) {
            if (! isset($heavy[$from])) {
                continue;
            }
            [$first, $last] = $this->window($item, $clueOf);
            for ($to = $first; $to <= $last; $to++) {
                if ($to === $from) {
                    continue;
                }
                [$otherWeighted, $otherMost] = [0, 0];
                for ($clue = 0; $clue < $clues; $clue++) {
                    if ($clue !== $from && $clue !== $to) {
                        $otherWeighted = max($otherWeighted, $weighted[$clue]);
                        $otherMost = max($otherMost, $most[$clue]);
                    }
                }
                foreach ([null, ...array_keys($clueOf, $to, true)] as $other) {
                    $moved = $this->problem->weighted[$item] - ($other === null ? 0 : $this->problem->weighted[$other]);
                    if ($moved <= 0 && $other !== null) {
                        continue;
                    }
                    [$left, $right] = [$weighted[$from] - $moved, $weighted[$to] + $moved];
                    $found = [max($otherWeighted, $left, $right)];
                    if ($found[0] > $best[0]) {
                        continue;
                    }
                    $found[1] = $otherMost;
                    foreach ($this->problem->items[$item]->minutes as $size => $minutes) {
                        $minutes -= $other === null ? 0 : $this->problem->items[$other]->minutes[$size];
                        $found[1] = max($found[1], $single[$from][$size] - $minutes, $single[$to][$size] + $minutes);
                    }
                    if ($found > [$best[0], $best[1]]) {
                        continue;
                    }
                    $changed = $clueOf;
                    $changed[$item] = $to;
                    if ($other !== null) {
                        $changed[$other] = $from;
                    }
                    $isAllowed = $other === null
                        ? SplitCost::keepsBack($this->problem, $changed)
                        : SplitCost::isAllowed($this->problem, $changed);
                    if (! $isAllowed) {
                        continue;
                    }
                    $found[2] = SplitCost::of($this->problem, $changed)[2];
                    $found[3] = $left ** 2 + $right ** 2 - $weighted[$from] ** 2 - $weighted[$to] ** 2;
                    if ($found < $best) {
                        $best = $found;
                        $change = $other === null ? [$item => $to] : [$item => $to, $other => $from];
                    }
                }
            }
        }

        return $change;
    }

    /**
     * The clues an item can be in while all others stay.
     *
     * @param  array<int, int>  $clueOf
     * @return array{int, int}
     */
    private function window(int $item, array $clueOf): array
    {
        $first = max([0, ...array_map(fn (int $needed): int => $clueOf[$needed], $this->problem->items[$item]->needs)]);
        $last = min([$this->problem->clues - 1, ...array_map(fn (int $other): int => $clueOf[$other], $this->neededBy[$item])]);

        return [$first, $last];
    }
}
