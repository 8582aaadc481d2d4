<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Geometry\Arc;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/**
 * An example of pieces of one's own, half of a leaf: a curve across the rectangle where that is twice as wide as high, else a slanted
 * seam, and as many upright pieces beyond it as there are fabrics left.
 */
final class ExamplePieces
{
    /** @return list<CustomPiece> */
    public static function of(Size $size, int $fabrics): array
    {
        $zero = Length::zero();
        $height = $size->height;
        $at = fn (Length $x, Length $y): Point => new Point($x, $y);
        $half = $size->width->dividedBy(2);
        $curve = fn (bool $clockwise): array => $half->equals($height) ? [new Arc($half, $clockwise)] : [];
        $pieces = [
            new CustomPiece('p-leaf', 0, new Outline(...[$at($zero, $zero), $at($half, $zero), ...$curve(true), $at($zero, $height)])),
            new CustomPiece(
                'p-ground',
                min(1, $fabrics - 1),
                new Outline(...[$at($half, $zero), $at($half, $height), $at($zero, $height), ...$curve(false)]),
            ),
        ];
        $bars = max(1, $fabrics - 2);
        for ($bar = 0; $bar < $bars; $bar++) {
            $left = $half->plus($half->times($bar, $bars));
            $pieces[] = new CustomPiece(
                'p-bar-'.($bar + 1),
                min($fabrics - 1, $bar + 2),
                Outline::rectangle($left, $zero, new Size($half->dividedBy($bars), $height)),
            );
        }

        return $pieces;
    }
}
