<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** What is left of a shape when a triangle is cut off one corner of the box it lies in. Exact wherever the edges it cuts are straight. */
final class CornerCut
{
    /**
     * @param  int  $quarterTurns  which corner of the box: 0 for the top left, then clockwise
     * @param  Length  $leg  of the triangle cut off, along both edges of the box
     * @return Outline|null null when nothing is left
     */
    public static function beyond(Outline $outline, int $quarterTurns, Length $leg, Size $within): ?Outline
    {
        // Turned so that the corner lies at the top left, cut along x + y = leg, and turned back.
        $turn = Orientation::of(-90 * $quarterTurns);
        $left = self::beyondTopLeft($outline->oriented($turn, $within), $leg);

        return $left?->oriented(Orientation::of(90 * $quarterTurns), $turn->sizeOf($within));
    }

    private static function beyondTopLeft(Outline $outline, Length $leg): ?Outline
    {
        $count = count($outline->corners);
        $kept = [];
        $cuts = false;
        foreach ($outline->corners as $index => $corner) {
            $next = $outline->corners[($index + 1) % $count];
            [$here, $there] = [self::off($corner, $leg), self::off($next, $leg)];
            if (! $here->isNegative()) {
                $kept[] = $corner;
                if (! $there->isNegative() && isset($outline->arcs[$index])) {
                    $kept[] = $outline->arcs[$index];
                }
            }
            $cuts = $cuts || $here->isNegative();
            if ($here->sign() * $there->sign() < 0) {
                $arc = $outline->arcs[$index] ?? null;
                $at = $arc === null ? self::between($corner, $next, $here, $there) : self::onArc($outline, $index, $leg);
                array_push($kept, ...match (true) {
                    $arc === null => [$at],
                    $here->isPositive() => [$arc, $at],
                    default => [$at, $arc],
                });
            }
        }
        if (! $cuts) {
            return $outline;
        }
        $left = new Outline(...self::withoutRepeats($kept));

        return count($left->corners) < 3 && $left->arcs === [] || $left->area() < 1e-9 ? null : $left;
    }

    /** How far a point lies beyond the line x + y = leg, times √2; below zero on the side that is cut off. */
    private static function off(Point $point, Length $leg): Length
    {
        return $point->x->plus($point->y)->minus($leg);
    }

    private static function between(Point $from, Point $to, Length $here, Length $there): Point
    {
        $whole = $here->minus($there);
        $part = fn (Length $a, Length $b): Length => $a->plus($b->minus($a)->timesRatio($here, $whole)[0]);

        return new Point($part($from->x, $to->x), $part($from->y, $to->y));
    }

    /** Where a circular edge crosses the line, to the nearest 1⁄65536 in. */
    private static function onArc(Outline $outline, int $index, Length $leg): Point
    {
        [$x, $y, $toX, $toY] = $outline->edge($index);
        $arc = $outline->arcs[$index];
        [$centreX, $centreY] = $outline->centre($index);
        $off = ($leg->toFloat() - $centreX - $centreY) / 2;
        $half = sqrt(max(0.0, $arc->radius->toFloat() ** 2 / 2 - $off ** 2));
        [$middleX, $middleY] = [($x + $toX) / 2, ($y + $toY) / 2];
        $one = [$centreX + $off - $half, $centreY + $off + $half];
        $two = [$centreX + $off + $half, $centreY + $off - $half];
        [$atX, $atY] = hypot($one[0] - $middleX, $one[1] - $middleY) <= hypot($two[0] - $middleX, $two[1] - $middleY) ? $one : $two;

        return new Point(Length::approximately($atX), Length::approximately($atY));
    }

    /**
     * @param  list<Point|Arc>  $path
     * @return list<Point|Arc>
     */
    private static function withoutRepeats(array $path): array
    {
        $kept = [];
        $last = null;
        foreach ($path as $part) {
            if ($part instanceof Point && $last !== null && $part->x->equals($last->x) && $part->y->equals($last->y)) {
                continue;
            }
            $kept[] = $part;
            $last = $part instanceof Point ? $part : $last;
        }
        $first = $kept[0] ?? null;
        while (count($kept) > 1 && $first instanceof Point && ($end = end($kept)) instanceof Point && $end->encode() === $first->encode()) {
            array_pop($kept);
        }

        return $kept;
    }
}
