<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Rounding;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Lay;
use Dew\Core\Unit\Lines;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;

/**
 * Right triangles whose legs differ, cut in pairs from a rectangle.
 *
 * Moved out by the seam allowance s, the legs a and b (long edge c) become a + s + s(a + c)/b and b + s + s(b + c)/a. Left and right are
 * different pieces. Rounding the legs apart turns the long edge a little: such units are lined up by the right angle and trimmed.
 */
final class RightTriangleCut
{
    /**
     * The rectangle that gives two of a right triangle.
     *
     * @return array{Measurement, Measurement} along leg a, along leg b
     */
    public static function rectangle(Length $a, Length $b, Length $seam): array
    {
        [$c, $exact] = Length::hypotenuse($a, $b);

        return [self::leg($a, $b, $c, $seam, $exact), self::leg($b, $a, $c, $seam, $exact)];
    }

    /**
     * @param  positive-int  $perUnit
     * @param  bool  $mirrored  the long edge falls from the top left to the bottom right, not from the bottom left to the top right
     */
    public static function piece(
        string $id,
        string $slot,
        Length $width,
        Length $height,
        CuttingRoom $room,
        int $perUnit = 1,
        bool $mirrored = false,
    ): Piece {
        [$across, $down] = self::rectangle($width, $height, $room->seam);
        $rising = new Outline(new Point(Length::zero(), $down->exact), new Point($across->exact, Length::zero()));

        $lay = new Lay(chiral: true, mirrored: $mirrored, grain: Grain::ShortEdges);

        return new Piece($id, PieceShape::Rectangle, [$slot], $down, $across, new Batch(2, $perUnit), new Lines(cut: [$rising]), $lay);
    }

    /** How far the seam line misses the raw corner of the trimmed unit: s(1 − short/long). */
    public static function miss(Length $a, Length $b, Length $seam): Measurement
    {
        [$short, $long] = $a->isLessThan($b) ? [$a, $b] : [$b, $a];
        [$share, $exact] = $seam->timesRatio($short, $long);

        return Measurement::exact($seam->minus($share), ! $exact);
    }

    private static function leg(Length $along, Length $other, Length $longEdge, Length $seam, bool $exact): Measurement
    {
        [$tip, $exactly] = $seam->timesRatio($along->plus($longEdge), $other);

        $isExact = $exact && $exactly;

        return Measurement::up($along->plus($seam)->plus($isExact ? $tip : $tip->upToFine()), ! $isExact);
    }
}
