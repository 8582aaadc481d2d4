<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Lay;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;

/**
 * Triangles of 60° cut from strips, pointed or with their tips blunted at the neighbour's seam line.
 *
 * Of a finished side a the height is a√3/2; moved out by the seam allowance s the side is a + 2s√3 and the height a√3/2 + 3s. Blunted, the
 * strip is a√3/2 + 2s wide and each tip 2s/√3. The half triangle's legs a/2 and a√3/2 become a/2 + s(1 + √3) and a√3/2 + s(3 + √3);
 * blunted, its tip is s(3 + √3)/3 wide.
 */
final class SixtyCut
{
    public static function height(Length $side): Length
    {
        return $side->timesRoot3()->dividedBy(2);
    }

    /** @param  positive-int  $each */
    public static function triangle(string $id, string $slot, Length $side, CuttingRoom $room, bool $blunt, int $each = 1): Piece
    {
        $seam = $room->seam;
        $cut = $side->plus($seam->times(2)->timesRoot3());
        $tip = $seam->times(2)->timesRoot3()->dividedBy(3);
        $height = self::height($side)->plus($seam->times($blunt ? 2 : 3));
        $zero = Length::zero();
        $half = $cut->dividedBy(2);
        $outline = $blunt
            ? new Outline(
                new Point($half->minus($tip->dividedBy(2)), $zero),
                new Point($half->plus($tip->dividedBy(2)), $zero),
                new Point($cut, $height),
                new Point($zero, $height),
            )
            : new Outline(new Point($half, $zero), new Point($cut, $height), new Point($zero, $height));

        $advance = Measurement::exact($blunt ? $cut->plus($tip)->dividedBy(2) : $half);
        $lay = new Lay($outline, $advance, grain: Grain::AlongStrip);
        $width = Measurement::exact($height);

        return new Piece($id, PieceShape::SixtyTriangle, [$slot], $width, Measurement::exact($cut), new Batch(each: $each), lay: $lay);
    }

    /**
     * @param  positive-int  $each
     * @param  bool  $mirrored  its right angle at the top right when its long leg stands upright, not at the top left
     * @param  bool  $trimmed  whether its straight edges are trimmed once it is sewn, so that it may be cut larger
     */
    public static function half(
        string $id,
        string $slot,
        Length $side,
        CuttingRoom $room,
        bool $blunt,
        int $each = 1,
        bool $mirrored = false,
        bool $trimmed = false,
    ): Piece {
        $seam = $room->seam;
        $short = $side->dividedBy(2)->plus($seam)->plus($seam->timesRoot3());
        $long = self::height($side)->plus($seam->times(3))->plus($seam->timesRoot3());
        $tip = $seam->times(3)->plus($seam->timesRoot3())->dividedBy(3);
        $height = $blunt ? self::height($side)->plus($seam->times(2)) : $long;
        $zero = Length::zero();
        $outline = $blunt
            ? new Outline(new Point($zero, $zero), new Point($short, $zero), new Point($tip, $height), new Point($zero, $height))
            : new Outline(new Point($zero, $zero), new Point($short, $zero), new Point($zero, $height));

        $lay = new Lay(
            $outline, Measurement::exact(
                $blunt ? $short->plus($tip) : $short,
            ), 2, chiral: true, mirrored: $mirrored, grain: Grain::ShortEdges,
        );
        // A blunt one comes out of the same strip as its neighbours, which are not trimmed.
        $width = $trimmed && ! $blunt ? Measurement::up($height) : Measurement::exact($height);
        $length = $trimmed ? Measurement::up($short) : Measurement::exact($short);

        return new Piece($id, PieceShape::Triangle, [$slot], $width, $length, new Batch(each: $each), lay: $lay);
    }
}
