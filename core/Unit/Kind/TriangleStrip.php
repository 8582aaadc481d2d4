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
 * Right-angled triangles with two equal sides, cut from strips with a triangle ruler, their tips blunted. The unit is trimmed, so a strip
 * may be a little wider than exact.
 */
final class TriangleStrip
{
    /**
     * A triangle with a short side across the strip, of finished short side F: the strip is F + 2s wide. A flipped pair takes F + s(2 +
     * 2√2) of it, a last single one F + s(2 + √2).
     *
     * @param  positive-int  $each
     * @param  bool  $exact  whether the strip is as wide as the unit is trimmed to, so that it must be cut as it is
     */
    public static function shortAcross(
        string $id,
        string $slot,
        Length $finished,
        CuttingRoom $room,
        int $each = 1,
        bool $exact = false,
    ): Piece {
        $strip = $finished->plus($room->seam->times(2));
        $one = SquareCut::half($finished, $room->seam);
        $tip = $one->minus($strip);
        $zero = Length::zero();
        $outline = new Outline(new Point($zero, $zero), new Point($one, $zero), new Point($tip, $strip), new Point($zero, $strip));
        $pair = Measurement::exact(SquareCut::quarter($finished, $room->seam));
        $lay = new Lay($outline, $pair, 2, grain: Grain::ShortEdges);

        $width = $exact ? Measurement::exact($strip) : Measurement::up($strip);

        return new Piece($id, PieceShape::Triangle, [$slot], $width, Measurement::exact($one), new Batch(each: $each), lay: $lay);
    }

    /**
     * A triangle with its long side on the edge of the strip, of finished long side F: the strip is F/2 + 2s wide, and each further
     * triangle takes F/2 + 2s√2 of it.
     *
     * @param  positive-int  $each
     */
    public static function longOnEdge(string $id, string $slot, Length $finished, CuttingRoom $room, int $each = 1): Piece
    {
        $strip = $finished->dividedBy(2)->plus($room->seam->times(2));
        $long = SquareCut::quarter($finished, $room->seam);
        $zero = Length::zero();
        $outline = new Outline(
            new Point($strip, $zero),
            new Point($long->minus($strip), $zero),
            new Point($long, $strip),
            new Point($zero, $strip),
        );
        $lay = new Lay($outline, Measurement::exact($long->minus($strip)), grain: Grain::LongEdge);

        return new Piece(
            $id,
            PieceShape::Triangle,
            [$slot],
            Measurement::up($strip),
            Measurement::exact($long),
            new Batch(each: $each),
            lay: $lay,
        );
    }
}
