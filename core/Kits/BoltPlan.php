<?php

declare(strict_types=1);

namespace Dew\Core\Kits;

/**
 * Which lengths are cut from which bolts of one cloth, so that few new bolts are ordered. All lengths are counted in the steps in which the
 * shop sells.
 */
final readonly class BoltPlan
{
    /**
     * @param  list<CutBolt>  $bolts  in the order of cutting: what is on hand first, the shortest first
     * @param  array<int, int>  $tooLong  lengths that no bolt holds, with their counts
     * @param  int  $total  steps of everything that is wanted
     */
    private function __construct(
        public array $bolts,
        public array $tooLong,
        public int $total,
    ) {
    }

    /**
     * Each bolt in turn is filled as full as it can be, by exact sums; the plan with each length on the fullest bolt that holds it is
     * compared, and the one that takes fewer new bolts is kept.
     *
     * @param  array<int, int>  $wanted  how many of each length
     * @param  list<int>  $hand  lengths of the bolts on hand
     * @param  int  $new  length of a new bolt
     */
    public static function of(array $wanted, array $hand, int $new): self
    {
        $wanted = array_filter($wanted, fn (int $count, int $length): bool => $count > 0 && $length > 0, ARRAY_FILTER_USE_BOTH);
        krsort($wanted);
        $hand = array_values(array_filter($hand, fn (int $length): bool => $length > 0));
        sort($hand);
        $longest = max([$new, ...$hand]);
        $tooLong = array_filter($wanted, fn (int $length): bool => $length > $longest, ARRAY_FILTER_USE_KEY);
        $fitting = array_diff_key($wanted, $tooLong);
        [$filled, $fitted] = [self::filled($fitting, $hand, $new), self::fitted($fitting, $hand, $new)];
        $best = self::added($fitted) < self::added($filled) ? $fitted : $filled;
        foreach ($best as $bolt) {
            foreach ($bolt->cuts as $length => $count) {
                $fitting[$length] -= $count;
            }
        }
        $total = 0;
        foreach ($wanted as $length => $count) {
            $total += $length * $count;
        }

        return new self($best, $tooLong + array_filter($fitting), $total);
    }

    /** How many new bolts are to be ordered. */
    public function toOrder(): int
    {
        return self::added($this->bolts);
    }

    /** No plan orders fewer: what is on hand does not hold the rest of it all. */
    public static function fewest(int $total, int $onHand, int $new): int
    {
        return max(0, intdiv($total - $onHand + $new - 1, $new));
    }

    /** @return array<int, int> lengths that what is on hand does not give, with their counts */
    public function short(): array
    {
        $short = $this->tooLong;
        foreach ($this->bolts as $bolt) {
            foreach ($bolt->isNew ? $bolt->cuts : [] as $length => $count) {
                $short[$length] = ($short[$length] ?? 0) + $count;
            }
        }
        krsort($short);

        return $short;
    }

    /** @param  list<CutBolt>  $bolts */
    private static function added(array $bolts): int
    {
        return count(array_filter($bolts, fn (CutBolt $bolt): bool => $bolt->isNew));
    }

    /**
     * @param  array<int, int>  $wanted
     * @param  list<int>  $hand
     * @return list<CutBolt>
     */
    private static function filled(array $wanted, array $hand, int $new): array
    {
        $bolts = [];
        foreach ($hand as $length) {
            $cuts = self::fullest($wanted, $length);
            if ($cuts !== []) {
                $bolts[] = new CutBolt($length, false, $cuts);
                $wanted = self::without($wanted, $cuts);
            }
        }
        while ($wanted !== [] && array_key_last($wanted) <= $new) {
            // The longest length must come off some bolt: it comes off this one, and the rest of the bolt is filled around it.
            $longest = array_filter(array_keys($wanted), fn (int $length): bool => $length <= $new);
            $first = [max([0, ...$longest]) => 1];
            $cuts = $first;
            foreach (self::fullest(self::without($wanted, $first), $new - array_key_first($first)) as $length => $count) {
                $cuts[$length] = ($cuts[$length] ?? 0) + $count;
            }
            $bolts[] = new CutBolt($new, true, $cuts);
            $wanted = self::without($wanted, $cuts);
        }

        return $bolts;
    }

    /**
     * The lengths that fill a bolt as full as can be, the longest taken where two sums are equal.
     *
     * @param  array<int, int>  $wanted  the longest first
     * @return array<int, int>
     */
    private static function fullest(array $wanted, int $bolt): array
    {
        // For each sum, how many of the last length led to it; a sum is reached by the longest lengths first.
        $reached = [0 => []];
        foreach ($wanted as $length => $count) {
            foreach (array_keys($reached) as $sum) {
                for ($many = 1; $many <= $count && $sum + $many * $length <= $bolt; $many++) {
                    $reached[$sum + $many * $length] ??= $reached[$sum] + [$length => $many];
                }
            }
        }

        return $reached[max(array_keys($reached))];
    }

    /**
     * @param  array<int, int>  $wanted
     * @param  list<int>  $hand
     * @return list<CutBolt>
     */
    private static function fitted(array $wanted, array $hand, int $new): array
    {
        /** @var list<array{int, bool, array<int, int>}> $open */
        $open = array_map(fn (int $length): array => [$length, false, []], $hand);
        foreach ($wanted as $length => $count) {
            for ($one = 0; $one < $count; $one++) {
                $best = null;
                foreach ($open as $index => [$whole, , $cuts]) {
                    $left = $whole - self::sum($cuts);
                    if ($left >= $length && ($best === null || $left < $open[$best][0] - self::sum($open[$best][2]))) {
                        $best = $index;
                    }
                }
                if ($best === null && $length <= $new) {
                    $open[] = [$new, true, []];
                    $best = count($open) - 1;
                }
                if ($best !== null) {
                    [$whole, $isNew, $cuts] = $open[$best];
                    $cuts[$length] = ($cuts[$length] ?? 0) + 1;
                    $open[$best] = [$whole, $isNew, $cuts];
                }
            }
        }

        return array_values(array_map(
            fn (array $bolt): CutBolt => new CutBolt(...$bolt), array_filter($open, fn (array $bolt): bool => $bolt[2] !== []),
        ));
    }

    /** @param  array<int, int>  $cuts */
    private static function sum(array $cuts): int
    {
        $sum = 0;
        foreach ($cuts as $length => $count) {
            $sum += $length * $count;
        }

        return $sum;
    }

    /**
     * @param  array<int, int>  $wanted
     * @param  array<int, int>  $taken
     * @return array<int, int>
     */
    private static function without(array $wanted, array $taken): array
    {
        foreach ($taken as $length => $count) {
            $wanted[$length] -= $count;
        }

        return array_filter($wanted);
    }
}
