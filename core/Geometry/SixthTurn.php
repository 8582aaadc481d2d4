<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\MeasureException;

/** Turns about the origin by sixths, exactly. */
final class SixthTurn
{
    /**
     * A point turned clockwise: by 60° x and y become x/2 − y√3/2 and x√3/2 + y/2.
     *
     * @param  int  $sixths  0 to 5
     *
     * @throws MeasureException when the point holds √2
     */
    public static function of(Point $point, int $sixths): Point
    {
        $point = $sixths >= 3 ? new Point($point->x->negated(), $point->y->negated()) : $point;
        for ($left = $sixths % 3; $left > 0; $left--) {
            $point = new Point(
                $point->x->minus($point->y->timesRoot3())->dividedBy(2),
                $point->x->timesRoot3()->plus($point->y)->dividedBy(2),
            );
        }

        return $point;
    }

    /** @throws MeasureException when a corner holds √2, or an edge is an arc of which that is so */
    public static function patch(Patch $patch, int $sixths): Patch
    {
        $path = [];
        foreach ($patch->outline->corners as $index => $corner) {
            $path[] = self::of($corner, $sixths);
            if (isset($patch->outline->arcs[$index])) {
                $path[] = $patch->outline->arcs[$index];
            }
        }

        return new Patch($patch->slot, new Outline(...$path));
    }
}
