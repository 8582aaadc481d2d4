<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Sixty\SixtySpot;

/** How a drawing of something on 60° axes is moved and turned to lie where it belongs. */
final class SixtyWay
{
    /**
     * @param  float  $edge  how long one division of the grid is drawn
     * @return string an SVG transform
     */
    public static function of(SixtySpot $spot, float $edge): string
    {
        $by = match ($spot->shape) {
            SixtyShape::Triangle => [-$edge * $spot->size / 2, 0.0],
            SixtyShape::Diamond => [0.0, -$edge * $spot->size * sqrt(0.75)],
            SixtyShape::HalfTriangle => [0.0, 0.0],
        };
        [$x, $y] = self::at($spot->corner, $edge);

        return sprintf(
            'translate(%s %s) rotate(%d)%s translate(%s %s)',
            $x, $y, 60 * $spot->turn, $spot->mirrored ? ' scale(-1 1)' : '', round($by[0], 2), round($by[1], 2),
        );
    }

    /**
     * A point of the grid as it is drawn.
     *
     * @param  array{int, int}  $corner
     * @return array{float, float}
     */
    public static function at(array $corner, float $edge): array
    {
        return [round($corner[0] / 2 * $edge, 2), round($corner[1] * $edge * sqrt(0.75), 2)];
    }
}
