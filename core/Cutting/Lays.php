<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Refused;
use InvalidArgumentException;

/** The ways in which pieces can lie in cloth, and the heights of strips that come of them. */
final class Lays
{
    /** Heights beyond this number are left out: sums of many different heights help nobody at the mat. */
    private const MOST = 24;

    /**
     * @return non-empty-list<Wanted> upright first; only those that fit cloth of this width
     *
     * @throws InvalidArgumentException when the cloth is narrower than the piece
     */
    public static function of(Wanted $piece, int $width): array
    {
        $lays = array_values(array_filter(
            [$piece, $piece->turned()],
            fn (?Wanted $lay): bool => $lay !== null && $lay->length <= $width,
        ));

        return $lays === [] ? throw new Refused('cutting.cloth_too_narrow', ['id' => $piece->id]) : $lays;
    }

    /** @param  non-empty-list<Wanted>  $lays */
    public static function shortest(array $lays): int
    {
        return min(array_map(fn (Wanted $lay): int => $lay->length, $lays));
    }

    /** @param  non-empty-list<Wanted>  $lays */
    public static function lowest(array $lays): int
    {
        return min(array_map(fn (Wanted $lay): int => $lay->height, $lays));
    }

    /**
     * @param  list<non-empty-list<Wanted>>  $lays
     * @return list<int> heights that pieces have, the lowest first
     */
    public static function ownHeights(array $lays): array
    {
        $heights = array_unique(array_map(fn (Wanted $lay): int => $lay->height, array_merge(...$lays)));
        sort($heights);

        return $heights;
    }

    /**
     * @param  list<non-empty-list<Wanted>>  $lays
     * @return list<int> those and their sums up to the highest one, the lowest first: the heights of two or more strips one below the other
     */
    public static function heights(array $lays): array
    {
        $own = self::ownHeights($lays);
        $highest = $own === [] ? 0 : max($own);
        $sums = array_fill_keys($own, true);
        for ($next = $own; $next !== [] && count($sums) < self::MOST;) {
            $found = [];
            foreach ($next as $sum) {
                foreach ($own as $height) {
                    if ($sum + $height <= $highest && ! isset($sums[$sum + $height]) && count($sums) < self::MOST) {
                        $sums[$sum + $height] = true;
                        $found[] = $sum + $height;
                    }
                }
            }
            $next = $found;
        }
        $heights = array_keys($sums);
        sort($heights);

        return $heights;
    }
}
