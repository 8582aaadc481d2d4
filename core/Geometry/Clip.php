<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Length;
use InvalidArgumentException;

/** Cuts outlines off at the edges of an upright rectangle, exactly (the method of Sutherland and Hodgman, edge by edge). */
final class Clip
{
    /**
     * What of an outline lies within a rectangle.
     *
     * @return Outline|null null when nothing does
     *
     * @throws InvalidArgumentException when a curved edge lies across the rectangle's edge, or a cut cannot be computed exactly
     */
    public static function within(Outline $outline, Length $left, Length $top, Length $right, Length $bottom): ?Outline
    {
        $sides = [
            fn (Point $at): Length => $at->x->minus($left), fn (Point $at): Length => $right->minus($at->x),
            fn (Point $at): Length => $at->y->minus($top), fn (Point $at): Length => $bottom->minus($at->y),
        ];
        $outside = array_filter($sides, fn (callable $inside): bool => array_filter(
            $outline->corners,
            fn (Point $corner): bool => $inside($corner)->isNegative(),
        ) !== []);
        if ($outside === []) {
            return $outline;
        }
        if ($outline->arcs !== []) {
            throw new InvalidArgumentException('A curved seam lies across the edge; it cannot be trimmed off there.');
        }
        $corners = $outline->corners;
        foreach ($outside as $inside) {
            $corners = self::cut($corners, $inside);
        }

        return count($corners) < 3 ? null : new Outline(...$corners);
    }

    /**
     * @param  list<Point>  $corners
     * @param  callable(Point): Length  $inside  how far inside a point lies; below zero outside
     * @return list<Point>
     */
    private static function cut(array $corners, callable $inside): array
    {
        $kept = [];
        foreach ($corners as $index => $corner) {
            $before = $corners[($index + count($corners) - 1) % count($corners)];
            [$was, $is] = [$inside($before), $inside($corner)];
            if ($was->isNegative() !== $is->isNegative() && ! $was->isZero() && ! $is->isZero()) {
                $kept[] = self::between($before, $corner, $was, $was->minus($is));
            }
            if (! $is->isNegative()) {
                $kept[] = $corner;
            }
        }

        return $kept;
    }

    /** The point on the way from one to another at a share of it. */
    private static function between(Point $from, Point $to, Length $share, Length $whole): Point
    {
        [$x, $exactly] = $to->x->minus($from->x)->timesRatio($share, $whole);
        [$y, $also] = $to->y->minus($from->y)->timesRatio($share, $whole);
        if (! $exactly || ! $also) {
            throw new InvalidArgumentException(
                'A seam lies across the edge at a slant that no fraction says; it cannot be trimmed off there.',
            );
        }

        return new Point($from->x->plus($x), $from->y->plus($y));
    }
}
