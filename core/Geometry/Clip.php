<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Length;

/**
 * Cuts outlines off at the edges of an upright rectangle (the method of Sutherland and Hodgman, edge by edge). Where no fraction says how
 * far along a seam or a curve the edge crosses it, the place is kept to 1⁄65536 in.
 */
final class Clip
{
    /** Inches within which a curve that touches an edge, or ends on it, does not cross it. */
    private const TOUCH = 1e-4;

    /** What of an outline lies within a rectangle; null when nothing does, and the same outline when all of it does. */
    public static function within(Outline $outline, Length $left, Length $top, Length $right, Length $bottom): ?Outline
    {
        $seen = $outline;
        foreach ([[true, $left, 1], [true, $right, -1], [false, $top, 1], [false, $bottom, -1]] as [$upright, $at, $sign]) {
            $seen = self::cut($seen, $upright, $at, $sign);
            if ($seen === null) {
                return null;
            }
        }

        return $seen;
    }

    /**
     * What lies on one side of a line.
     *
     * @param  bool  $upright  whether the line is upright, and x says on which side of it a point lies
     * @param  int  $sign  1 to keep what is to the right of it or below, -1 for the other side
     */
    private static function cut(Outline $outline, bool $upright, Length $at, int $sign): ?Outline
    {
        $inside = fn (Point $point): Length => ($upright ? $point->x : $point->y)->minus($at)->times($sign);
        $path = [];
        $crosses = false;
        $count = count($outline->corners);
        foreach ($outline->corners as $index => $corner) {
            $next = $outline->corners[($index + 1) % $count];
            [$is, $then] = [$inside($corner), $inside($next)];
            if (! $is->isNegative()) {
                $path[] = $corner;
            } else {
                $crosses = true;
            }
            if (isset($outline->arcs[$index])) {
                $crossings = self::onArc($outline, $index, $upright, $at);
                $crosses = $crosses || $crossings !== [];
                array_push($path, ...self::partsOfArc($outline, $index, $crossings, $upright, $at, $sign));
            } elseif ($is->sign() * $then->sign() < 0) {
                $path[] = self::between($corner, $next, $is, $is->minus($then));
            }
        }
        if (! $crosses) {
            return $outline;
        }
        $left = new Outline(...$path);

        return count($left->corners) < 2 || (count($left->corners) < 3 && $left->arcs === []) ? null : $left;
    }

    /** The point on the way from one to another at a share of it. */
    private static function between(Point $from, Point $to, Length $share, Length $whole): Point
    {
        $along = fn (Length $start, Length $end): Length => $start->plus($end->minus($start)->timesRatio($share, $whole)[0]);

        return new Point($along($from->x, $to->x), $along($from->y, $to->y));
    }

    /**
     * The parts of a circular edge that lie inside, and the points at which it comes in and goes out, without its own two corners.
     *
     * @param  list<Point>  $crossings  in their order along it
     * @return list<Point|Arc>
     */
    private static function partsOfArc(Outline $outline, int $index, array $crossings, bool $upright, Length $at, int $sign): array
    {
        $arc = $outline->arcs[$index];
        $points = [$outline->corners[$index], ...$crossings, $outline->corners[($index + 1) % count($outline->corners)]];
        $path = [];
        for ($part = 0; $part <= count($crossings); $part++) {
            [$x, $y] = self::middle($points[$part], $points[$part + 1], $arc);
            if ((($upright ? $x : $y) - $at->toFloat()) * $sign < 0) {
                continue;
            }
            if ($part > 0) {
                $path[] = $points[$part];
            }
            $path[] = $arc;
            if ($part < count($crossings)) {
                $path[] = $points[$part + 1];
            }
        }

        return $path;
    }

    /** @return list<Point> where a circular edge crosses a line between its corners, in their order along it, at most two */
    private static function onArc(Outline $outline, int $index, bool $upright, Length $at): array
    {
        $arc = $outline->arcs[$index];
        [$fromX, $fromY, $toX, $toY] = $outline->edge($index);
        [$centreX, $centreY] = $outline->centre($index);
        $radius = $arc->radius->toFloat();
        $off = $at->toFloat() - ($upright ? $centreX : $centreY);
        if ($radius - abs($off) < self::TOUCH) {
            return [];
        }
        $half = sqrt($radius ** 2 - $off ** 2);
        $angle = fn (float $x, float $y): float => fmod(
            ($arc->clockwise ? 1 : -1) * (atan2($y - $centreY, $x - $centreX) - atan2($fromY - $centreY, $fromX - $centreX)) + 4 * M_PI,
            2 * M_PI,
        );
        $crossings = [];
        foreach ([-$half, $half] as $along) {
            [$x, $y] = $upright ? [$at->toFloat(), $centreY + $along] : [$centreX + $along, $at->toFloat()];
            $ends = min(hypot($x - $fromX, $y - $fromY), hypot($x - $toX, $y - $toY));
            if ($ends > self::TOUCH && $angle($x, $y) < $angle($toX, $toY)) {
                $crossings[(string) $angle($x, $y)] = $upright
                    ? new Point($at, Length::approximately($y))
                    : new Point(Length::approximately($x), $at);
            }
        }
        ksort($crossings, SORT_NUMERIC);

        return array_values($crossings);
    }

    /** @return array{float, float} the point half-way along a circular edge */
    private static function middle(Point $from, Point $to, Arc $arc): array
    {
        [$x, $y, $toX, $toY] = [$from->x->toFloat(), $from->y->toFloat(), $to->x->toFloat(), $to->y->toFloat()];
        $chord = hypot($toX - $x, $toY - $y);
        $radius = $arc->radius->toFloat();
        $rise = $radius - sqrt(max(0.0, $radius ** 2 - ($chord / 2) ** 2));
        $side = ($arc->clockwise ? -1 : 1) / $chord * $rise;

        return [($x + $toX) / 2 - $side * ($toY - $y), ($y + $toY) / 2 + $side * ($toX - $x)];
    }
}
