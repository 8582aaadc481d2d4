<?php

declare(strict_types=1);

namespace Tests\Core;

use Dew\Core\Cutting\CuttingPlan;
use Dew\Core\Cutting\LaidRun;
use Dew\Core\Cutting\Remnant;
use Dew\Core\Cutting\StockCut;
use Dew\Core\Cutting\Wanted;

/** Lays a cutting plan on its cloth and looks for what could not be cut so; it knows only where things lie. */
final class MatCheck
{
    /** @return list<string> */
    public static function faults(CuttingPlan $plan): array
    {
        $faults = [];
        $wanted = [];
        foreach ($plan->wanted as $piece) {
            $wanted[$piece->id] = $piece;
        }
        $counts = [];
        foreach ($plan->cuts as $cut) {
            $laid = [];
            foreach ($cut->sheets as $sheet) {
                foreach (LaidRun::of($sheet) as $run) {
                    $counts[$run->piece] = ($counts[$run->piece] ?? 0) + $run->count;
                    array_push($laid, ...self::rectangles($run, ...$cut->stock->lays([$wanted[$run->piece]]), faults: $faults));
                }
            }
            array_push($faults, ...self::faultsOf($cut, $laid));
        }
        foreach ($wanted as $id => $piece) {
            if (($counts[$id] ?? 0) + ($plan->short()[$id] ?? 0) !== $piece->count) {
                $faults[] = "$id is cut more or less often than wanted";
            }
        }

        return $faults;
    }

    /**
     * @param  list<string>  $faults
     * @return list<array{int, int, int, int}> left, top, right, bottom of every piece, or of a run of those that interlock
     */
    private static function rectangles(LaidRun $run, Wanted $piece, array &$faults): array
    {
        if ($piece->pitch !== $piece->length || $piece->group > 1) {
            [$long, $high] = $run->lengthwise ? [$run->length, $run->width] : [$run->width, $run->length];
            if ([$long, $high] !== [$piece->run($run->count), $piece->height]) {
                $faults[] = "$piece->id is laid in a run of $long by $high";
            }

            return [[$run->across, $run->along, $run->across + $run->width, $run->along + $run->length]];
        }
        $width = intdiv($run->lengthwise ? $run->length : $run->width, $run->count);
        [$wide, $long] = $run->lengthwise ? [$run->width, $width] : [$width, $run->length];
        $upright = [$wide, $long] === [$piece->length, $piece->height];
        if (! $upright && ! ($piece->turns && [$wide, $long] === [$piece->height, $piece->length])) {
            $faults[] = "$piece->id is laid $wide by $long";
        }
        $pieces = [];
        for ($number = 0; $number < $run->count; $number++) {
            $x = $run->across + ($run->lengthwise ? 0 : $number * $width);
            $y = $run->along + ($run->lengthwise ? $number * $width : 0);
            $pieces[] = [$x, $y, $x + $wide, $y + $long];
        }

        return $pieces;
    }

    /**
     * @param  list<array{int, int, int, int}>  $laid
     * @return list<string>
     */
    private static function faultsOf(StockCut $cut, array $laid): array
    {
        $faults = [];
        $stock = $cut->stock;
        foreach ($laid as $index => [$left, $top, $right, $bottom]) {
            $inside = $left >= 0 && $top >= 0 && $right <= $stock->width && $bottom <= $stock->length;
            $inCorner = $right > $stock->width - $stock->goneWidth && $bottom > $stock->length - $stock->goneLength;
            if (! $inside || ($stock->goneWidth > 0 && $inCorner)) {
                $faults[] = "$stock->id: a piece lies outside";
            }
            foreach (array_slice($laid, $index + 1) as [$left2, $top2, $right2, $bottom2]) {
                if ($left < $right2 && $left2 < $right && $top < $bottom2 && $top2 < $bottom) {
                    $faults[] = "$stock->id: two pieces lie over each other";
                }
            }
        }
        if (! self::partsByCuts($laid)) {
            $faults[] = "$stock->id: a cut does not run through";
        }
        $pieces = array_sum(array_map(fn (array $one): int => ($one[2] - $one[0]) * ($one[3] - $one[1]), $laid));
        $left = array_sum(array_map(fn (Remnant $one): int => $one->area(), $cut->remnants()));
        if ($pieces + $left !== $stock->area()) {
            $faults[] = "$stock->id: pieces and remnants are not the whole cloth";
        }

        return $faults;
    }

    /** @param  list<array{int, int, int, int}>  $laid */
    private static function partsByCuts(array $laid): bool
    {
        if (count($laid) < 2) {
            return true;
        }
        foreach ([0, 1] as $axis) {
            $edges = array_unique(array_column($laid, $axis));
            sort($edges);
            foreach (array_slice($edges, 1) as $edge) {
                $before = array_values(array_filter($laid, fn (array $one): bool => $one[$axis + 2] <= $edge));
                $after = array_values(array_filter($laid, fn (array $one): bool => $one[$axis] >= $edge));
                if (count($before) + count($after) === count($laid)) {
                    return self::partsByCuts($before) && self::partsByCuts($after);
                }
            }
        }

        return false;
    }
}
