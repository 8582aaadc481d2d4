<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Seams;
use Dew\Core\Making\On;
use Dew\Core\Measure\Length;

/** Which patches are sewn to which, by their numbers: read off the drawing where a rule would be longer than that. */
final class SeamPairs
{
    /**
     * @param  list<Patch>  $patches
     * @param  (callable(int, int): bool)|null  $which  given the numbers of two patches, the smaller first; null for every seam
     * @return list<On>
     */
    public static function of(array $patches, ?callable $which = null): array
    {
        $pairs = [];
        foreach (Seams::between($patches, Length::fraction(1, 4)) as $seam) {
            [$one, $other] = [min($seam->first, $seam->second), max($seam->first, $seam->second)];
            if ($which === null || $which($one, $other)) {
                $pairs[$one.' '.$other] = [$one, $other];
            }
        }
        sort($pairs);

        return On::seams($pairs);
    }

    /** @return list<On> each patch with the next one, from the first to the last */
    public static function inARow(int $count, int $from = 0): array
    {
        return array_map(fn (int $number): On => On::seam($number, $number + 1), $count < 2 ? [] : range($from, $from + $count - 2));
    }

    /** @return list<On> in a grid of patches numbered row by row, those that lie side by side */
    public static function inRows(int $columns, int $rows): array
    {
        $seams = [];
        for ($row = 0; $row < $rows; $row++) {
            array_push($seams, ...self::inARow($columns, $row * $columns));
        }

        return $seams;
    }

    /** @return list<On> in a grid of patches numbered row by row, those that lie below each other */
    public static function betweenRows(int $columns, int $rows): array
    {
        $seams = [];
        for ($number = 0; $number < $columns * ($rows - 1); $number++) {
            $seams[] = On::seam($number, $number + $columns);
        }

        return $seams;
    }
}
