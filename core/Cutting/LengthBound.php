<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/**
 * A length of cloth below which the pieces cannot be cut from strips, however they are shared out.
 *
 * A cut across the cloth meets no more pieces than fit side by side. So a piece longer than a half of the width counts as a whole width,
 * one longer than a third as a half, and so on (dual feasible functions); their heights, weighed so, add up to no more than the length.
 * Strips are whole ones: the length is a sum of heights that pieces have, and there are as many high strips as the high pieces need. A
 * strip two or more rows high counts as its rows; none is higher than the highest way of laying a piece.
 */
final class LengthBound
{
    /** Parts of the width up to which pieces are weighed. */
    private const FINEST = 40;

    /**
     * @param  list<Wanted>  $pieces  each of which fits the cloth at least one way
     * @param  int  $width  of the cloth
     * @return int marks along the bolt
     */
    public static function of(array $pieces, int $width): int
    {
        $pieces = array_values(array_filter($pieces, fn (Wanted $piece): bool => $piece->count > 0));
        if ($pieces === []) {
            return 0;
        }
        $lays = array_map(fn (Wanted $piece): array => Lays::of($piece, $width), $pieces);
        $heights = Lays::ownHeights($lays);
        [$alone, $pieces] = self::withoutWide($pieces, $lays, $width);
        if ($pieces === []) {
            return self::sumFrom($alone, $heights);
        }
        $lays = array_map(fn (Wanted $piece): array => Lays::of($piece, $width), $pieces);
        $length = $alone + max(self::weighed($pieces, $lays, $width), self::stepped($pieces, $lays, $width, (int) end($heights)));

        return self::sumFrom($length, $heights);
    }

    /**
     * Pieces so long that nothing fits beside them, whichever way either lies: each takes its height of the cloth for itself.
     *
     * @param  list<Wanted>  $pieces
     * @param  list<non-empty-list<Wanted>>  $lays
     * @return array{int, list<Wanted>} the length they take, and the other pieces
     */
    private static function withoutWide(array $pieces, array $lays, int $width): array
    {
        $shortest = min($width, ...array_map(Lays::shortest(...), $lays));
        $alone = 0;
        $others = [];
        foreach ($pieces as $kind => $piece) {
            $narrowest = Lays::shortest($lays[$kind]);
            if ($piece->group === 1 && $piece->pitch === $piece->length && $narrowest > $width - $shortest) {
                $alone += $piece->count * Lays::lowest($lays[$kind]);
            } else {
                $others[] = $piece;
            }
        }

        return [$alone, $others];
    }

    /**
     * Square marks of the pieces over the width, rounded up: what no way of cutting can go below.
     *
     * @param  list<Wanted>  $pieces
     */
    public static function area(array $pieces, int $width): int
    {
        $area = 0;
        foreach ($pieces as $piece) {
            $area += $piece->area();
        }

        return intdiv($area + $width - 1, $width);
    }

    /**
     * @param  list<Wanted>  $pieces
     * @param  list<non-empty-list<Wanted>>  $lays
     */
    private static function weighed(array $pieces, array $lays, int $width): int
    {
        $best = self::area($pieces, $width);
        for ($parts = 1; $parts <= self::FINEST; $parts++) {
            // All weights in 1/parts.
            $total = 0;
            foreach ($pieces as $kind => $piece) {
                $least = null;
                foreach ($lays[$kind] as $lay) {
                    $one = self::weight($lay, $parts, $width) * $lay->height;
                    $least = $least === null ? $one : min($least, $one);
                }
                $total += $least * $piece->count;
            }
            $best = max($best, (int) ceil($total / $parts - 1e-9));
        }

        return $best;
    }

    /** The share of a strip that one piece takes, in so many parts: the largest whole number that no strip can hold more than the parts of. */
    private static function weight(Wanted $lay, int $parts, int $width): int
    {
        if ($lay->group > 1 || $lay->pitch !== $lay->length) {
            return 0;
        }

        // Pieces longer than width/(parts + 1): at most `parts` of them lie side by side.
        $share = ($parts + 1) * $lay->length;

        return $share % $width === 0 ? intdiv($share, $width) - 1 : intdiv($share, $width);
    }

    /**
     * Pieces at least so high need so many strips of at least that height: for one height, counting a strip of twice the height twice; and
     * for several together, as long as no strip is twice as high as the lowest of them.
     *
     * @param  list<Wanted>  $pieces
     * @param  list<non-empty-list<Wanted>>  $lays
     * @param  int  $highest  of all strips
     */
    private static function stepped(array $pieces, array $lays, int $width, int $highest): int
    {
        $lowest = [];
        foreach ($lays as $kind => $ways) {
            $lowest[$kind] = Lays::lowest($ways);
        }
        $levels = array_unique($lowest);
        rsort($levels);
        $length = $strips = $alone = 0;
        $below = $levels[0];
        foreach ($levels as $level) {
            $here = self::strips($pieces, $lays, array_keys(array_filter($lowest, fn (int $one): bool => $one >= $level)), $width);
            $alone = max($alone, $here * $level);
            if (2 * $level > $highest) {
                $length += $strips * ($below - $level);
                [$strips, $below] = [$here, $level];
            }
        }

        return max($alone, $length + $strips * $below);
    }

    /**
     * @param  list<Wanted>  $pieces
     * @param  list<non-empty-list<Wanted>>  $lays
     * @param  list<int>  $kinds  those that lie side by side, never one below the other
     */
    private static function strips(array $pieces, array $lays, array $kinds, int $width): int
    {
        $most = 0;
        foreach ($kinds as $kind) {
            $fit = max(array_map(fn (Wanted $lay): int => $lay->fit($width), $lays[$kind]));
            $most = max($most, intdiv($pieces[$kind]->count + $fit - 1, $fit));
        }
        for ($parts = 1; $parts <= self::FINEST; $parts++) {
            $total = 0;
            foreach ($kinds as $kind) {
                $total += $pieces[$kind]->count * min(array_map(fn (Wanted $lay): int => self::weight($lay, $parts, $width), $lays[$kind]));
            }
            $most = max($most, intdiv($total + $parts - 1, $parts));
        }

        return $most;
    }

    /**
     * The smallest sum of strips that is no less.
     *
     * @param  list<int>  $heights  the lowest first
     */
    private static function sumFrom(int $length, array $heights): int
    {
        $limit = $length + (int) end($heights);
        $reached = [0 => true];
        for ($sum = 0; $sum <= $limit; $sum++) {
            if (! isset($reached[$sum])) {
                continue;
            }
            if ($sum >= $length) {
                return $sum;
            }
            foreach ($heights as $height) {
                $reached[$sum + $height] = true;
            }
        }

        return $length;
    }
}
