<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Geometry\CutShape;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;

/** A mark on an edge of a template, to be matched with one on the neighbour's edge. */
final readonly class Notch
{
    /** At most this deep, in inches, so that it stays outside the seam. */
    public const DEPTH = [1, 8];

    /**
     * @param  int  $edge  number of the corner the edge begins at, from zero
     * @param  Length  $share  how far along the edge, as a plain number between 0 and 1
     */
    public function __construct(
        public int $edge,
        public Length $share,
    ) {
    }

    /**
     * The short line of a notch from the raw edge inwards, square to it.
     *
     * @param  array{float, float, float, float}  $at  a point of the raw edge and the direction into the piece, in inches, as
     *     {@see CutShape::besideEdge()} gives them
     * @param  array{float, float, float}  $lay  how the piece lies, as {@see CutShape::strip()} gives it
     */
    public static function line(array $at, array $lay): Outline
    {
        [$x, $y, $inX, $inY] = $at;
        $deep = Length::fraction(...self::DEPTH)->toFloat();

        return new Outline(...array_map(function (array $point) use ($lay): Point {
            [$across, $down] = CutShape::moved($point, $lay);

            return new Point(Length::approximately($across), Length::approximately($down));
        }, [[$x, $y], [$x + $deep * $inX, $y + $deep * $inY]]));
    }
}
