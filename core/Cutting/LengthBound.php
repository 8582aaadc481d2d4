<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/**
 * A length of cloth below which the pieces cannot be cut, however they are shared out and whichever cuts are made.
 *
 * A cut across the cloth meets no more pieces than fit side by side, and one along it no more than fit one below the other. So a piece longer
 * than a half of the width may count as a whole width, one longer than a third as a half, and so on (dual feasible functions), and likewise
 * with heights and the length. Where the areas so weighed add up to more than the cloth, the length is too short. Strips are whole ones:
 * the length is a sum of heights that pieces have.
 */
final class LengthBound
{
    /** Parts of a side up to which pieces are weighed. */
    private const FINEST = 12;

    /** Lengths that are tried above the area; the last one that was too short still bounds. */
    private const TRIED = 60;

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
        [$alone, $pieces, $lays] = self::withoutWide($pieces, $lays, $width);
        $tallest = max([0, ...array_map(Lays::lowest(...), $lays)]);
        $length = self::sumFrom(max($tallest, self::area($pieces, $width)), $heights);
        $across = self::weights(array_map(fn (array $ways): array => array_map(self::takes(...), $ways), $lays), $width);
        $high = array_map(fn (array $ways): array => array_map(fn (Wanted $lay): int => $lay->height, $ways), $lays);
        for ($try = 0; $try < self::TRIED && self::isTooShort($pieces, $across, self::weights($high, $length)); $try++) {
            $length = self::sumFrom($length + 1, $heights);
        }

        return self::sumFrom($alone + $length, $heights);
    }

    /**
     * Pieces so long that nothing fits beside them, whichever way either lies: each takes its height of the cloth for itself.
     *
     * @param  list<Wanted>  $pieces
     * @param  list<non-empty-list<Wanted>>  $lays
     * @return array{int, list<Wanted>, list<non-empty-list<Wanted>>} the length they take, and the other pieces with their lays
     */
    private static function withoutWide(array $pieces, array $lays, int $width): array
    {
        $shortest = min($width, ...array_map(Lays::shortest(...), $lays));
        $alone = 0;
        $others = [];
        foreach ($pieces as $kind => $piece) {
            if ($piece->group === 1 && $piece->pitch === $piece->length && Lays::shortest($lays[$kind]) > $width - $shortest) {
                $alone += $piece->count * Lays::lowest($lays[$kind]);
            } else {
                $others[] = $kind;
            }
        }

        return [
            $alone, array_map(fn (int $kind): Wanted => $pieces[$kind], $others), array_map(fn (int $kind): array => $lays[$kind], $others),
        ];
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

    /** What one piece takes of a strip at least; those that interlock as much as each further one does. */
    private static function takes(Wanted $lay): float
    {
        return $lay->pitch / $lay->group;
    }

    /**
     * Ways of weighing sides: as they are, those too long for the shortest beside them as the whole, and in parts.
     *
     * @param  list<non-empty-list<int|float>>  $sides  by kind and lay
     * @return list<list<non-empty-list<float>>> shares of the whole, by way, kind and lay
     */
    private static function weights(array $sides, int $whole): array
    {
        $ways = [];
        $shortest = [0];
        foreach ($sides as $lays) {
            array_push($shortest, ...$lays);
        }
        foreach (array_unique($shortest) as $least) {
            if (2 * $least <= $whole) {
                $ways[] = array_map(fn (array $lays): array => array_map(fn (int|float $side): float => match (true) {
                    $side > $whole - $least => 1.0,
                    $side < $least => 0.0,
                    default => $side / $whole,
                }, $lays), $sides);
            }
        }
        for ($parts = 1; $parts <= self::FINEST; $parts++) {
            $ways[] = array_map(fn (array $lays): array => array_map(function (int|float $side) use ($parts, $whole): float {
                $share = (float) (($parts + 1) * $side / $whole);

                return $share === floor($share) ? $side / $whole : floor($share) / $parts;
            }, $lays), $sides);
        }

        return $ways;
    }

    /**
     * @param  list<Wanted>  $pieces
     * @param  list<list<non-empty-list<float>>>  $across
     * @param  list<list<non-empty-list<float>>>  $along
     */
    private static function isTooShort(array $pieces, array $across, array $along): bool
    {
        foreach ($across as $wide) {
            foreach ($along as $high) {
                $all = 0.0;
                foreach ($pieces as $kind => $piece) {
                    $least = INF;
                    foreach ($wide[$kind] as $lay => $share) {
                        $least = min($least, $share * $high[$kind][$lay]);
                    }
                    $all += $least * $piece->count;
                }
                if ($all > 1 + 1e-9) {
                    return true;
                }
            }
        }

        return false;
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
