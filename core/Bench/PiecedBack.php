<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\StockPiece;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/**
 * A back pieced from remnants on a grid of equal modules: large areas first, from what there is most of, so that there are few seams.
 *
 * A part of k × l modules of finished side m is cut k·m + 2s by l·m + 2s. The middle of C × R modules measures C·m + 2s by R·m + 2s once it is
 * sewn; where that is less than the back must be, a frame goes round it, cut to what the middle then measures.
 */
final readonly class PiecedBack
{
    /** Modules each way beyond which nobody pieces a back. */
    private const MOST = 40;

    /**
     * @param  Size  $needed  what the back must measure at least
     * @param  int  $columns  of the middle
     * @param  int  $rows  of the middle
     * @param  Size  $middle  what the middle measures, raw edge to raw edge
     * @param  list<BackPart>  $parts  in the order of cutting
     * @param  int  $missing  modules that no remnant gives
     * @param  Length|null  $frameSides  how wide the strips at left and right are cut; null where none are needed
     * @param  Length|null  $frameEnds  likewise at top and bottom
     */
    private function __construct(
        public Size $needed,
        public int $columns,
        public int $rows,
        public Size $middle,
        public array $parts,
        public int $missing,
        public ?Length $frameSides,
        public ?Length $frameEnds,
    ) {
    }

    /**
     * Proposals: modules all the way out, or a middle as large as the top with a frame round it.
     *
     * @param  Size  $top  finished
     * @param  Length  $beyond  how far the back stands out on each side, by the way it will be quilted
     * @param  Length  $module  finished side of a module
     * @param  list<StockPiece>  $stock  remnants, in marks
     * @return list<self> the one with fewer modules missing first, then the one with fewer parts
     *
     * @throws MeasureRefused when the module is too small or too large for the back
     */
    public static function proposals(Size $top, Length $beyond, Length $module, array $stock, Marks $marks, CuttingRoom $room): array
    {
        $needed = $top->outsetBy($beyond);
        if (! $module->isPositive() || $needed->width->isGreaterThan($module->times(self::MOST)) || $needed->height->isGreaterThan(
            $module->times(self::MOST),
        )) {
            throw new MeasureRefused('module', 'too_small');
        }
        if ($module->isGreaterThan($top->width) || $module->isGreaterThan($top->height)) {
            throw new MeasureRefused('module', 'too_large');
        }
        $twice = $room->seam->times(2);
        $enough = fn (Length $length): int => max(1, $length->minus($twice)->ceilTo($module)->countOf($module));
        $inside = fn (Length $length): int => max(1, $length->countOf($module));
        $plans = [
            self::of($needed, $enough($needed->width), $enough($needed->height), $module, $stock, $marks, $room),
            self::of($needed, $inside($top->width), $inside($top->height), $module, $stock, $marks, $room),
        ];
        usort($plans, fn (self $one, self $other): int => [$one->missing, count($one->parts)] <=> [$other->missing, count($other->parts)]);

        return $plans;
    }

    /** @param  list<StockPiece>  $stock */
    private static function of(Size $needed, int $columns, int $rows, Length $module, array $stock, Marks $marks, CuttingRoom $room): self
    {
        $twice = $room->seam->times(2);
        $middle = new Size($module->times($columns)->plus($twice), $module->times($rows)->plus($twice));
        // Half of what is missing on both sides together, with the seam that sews the frame on and the raw edge outside.
        $frame = fn (Length $has, Length $wants): ?Length => $has->isLessThan($wants) ? $wants->minus($has)->dividedBy(2)->plus($twice) : null;
        $grid = new BackGrid($columns, $rows);
        $side = fn (int $modules): int => $marks->up($module->times($modules)->plus($twice));
        usort($stock, fn (StockPiece $one, StockPiece $other): int => [$other->area(), $one->id] <=> [$one->area(), $other->id]);
        $left = [];
        foreach ($stock as $piece) {
            foreach ($piece->rectangles()[0] as [, , $wide, $long]) {
                $left[] = [$piece->id, $wide, $long];
            }
        }
        $parts = self::whole($grid, $left, $side, max($columns, $rows));
        array_push($parts, ...self::joined($grid, $left, $side(1), 2 * $marks->up($room->seam)));

        return new self(
            $needed, $columns, $rows, $middle, $parts, $grid->free(),
            $frame($middle->width, $needed->width), $frame($middle->height, $needed->height),
        );
    }

    /**
     * The largest part that any remnant gives and that still finds room, again and again.
     *
     * @param  list<array{string, int, int}>  $left  remnants as rectangles: id, width and length; what is cut is taken off
     *
     * @param-out  list<array{string, int, int}>  $left
     *
     * @param  callable(int): int  $side  marks of so many modules as they are cut
     * @return list<BackPart>
     */
    private static function whole(BackGrid $grid, array &$left, callable $side, int $most): array
    {
        $parts = [];
        for ($area = $grid->columns * $grid->rows; $area >= 1; $area--) {
            for ($wide = min($area, $most); $wide >= 1; $wide--) {
                if ($area % $wide !== 0) {
                    continue;
                }
                $high = intdiv($area, $wide);
                while (($index = self::smallest($left, $side($wide), $side($high))) !== null) {
                    $place = $grid->place($wide, $high);
                    if ($place === null) {
                        break;
                    }
                    $parts[] = new BackPart($place[0], $place[1], $wide, $high, [$left[$index][0]]);
                    $beside = self::cut($left[$index], $side($wide), $side($high));
                    array_splice($left, $index, 1, $beside);
                }
            }
        }

        return $parts;
    }

    /**
     * A single module from two remnants with a seam between, for the places that are still free.
     *
     * @param  list<array{string, int, int}>  $left
     * @return list<BackPart>
     */
    private static function joined(BackGrid $grid, array $left, int $side, int $seam): array
    {
        $parts = $slim = [];
        foreach ($left as [$id, $width, $length]) {
            if (max($width, $length) >= $side && min($width, $length) > $seam) {
                $slim[] = [$id, min($width, $length)];
            }
        }
        usort($slim, fn (array $one, array $other): int => [$other[1], $one[0]] <=> [$one[1], $other[0]]);
        while (count($slim) > 1 && $grid->free() > 0) {
            [$id, $short] = array_shift($slim);
            $beside = null;
            foreach ($slim as $index => [, $other]) {
                // The slimmest that suffices beside it: they are sorted, so it is the last one.
                $beside = $short + $other - $seam >= $side ? $index : $beside;
            }
            $place = $beside === null ? null : $grid->place(1, 1);
            if ($beside === null || $place === null) {
                break;
            }
            $parts[] = new BackPart($place[0], $place[1], 1, 1, [$id, $slim[$beside][0]]);
            array_splice($slim, $beside, 1);
        }

        return $parts;
    }

    /**
     * The smallest remnant that holds so much, either way round.
     *
     * @param  list<array{string, int, int}>  $left
     */
    private static function smallest(array $left, int $width, int $length): ?int
    {
        $best = null;
        foreach ($left as $index => [, $wide, $long]) {
            $holds = ($wide >= $width && $long >= $length) || ($wide >= $length && $long >= $width);
            if ($holds && ($best === null || $wide * $long < $left[$best][1] * $left[$best][2])) {
                $best = $index;
            }
        }

        return $best;
    }

    /**
     * What is left beside a part: one cut across the whole remnant, so that the larger piece stays in one.
     *
     * @param  array{string, int, int}  $remnant
     * @return list<array{string, int, int}>
     */
    private static function cut(array $remnant, int $width, int $length): array
    {
        [$id, $wide, $long] = $remnant;
        if ($wide < $width || $long < $length) {
            [$width, $length] = [$length, $width];
        }
        $beside = ($wide - $width) * $long >= ($long - $length) * $wide
            ? [[$id, $wide - $width, $long], [$id, $width, $long - $length]]
            : [[$id, $wide, $long - $length], [$id, $wide - $width, $length]];

        return array_values(array_filter($beside, fn (array $one): bool => $one[1] > 0 && $one[2] > 0));
    }
}
