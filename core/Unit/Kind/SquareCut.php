<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;

/**
 * Squares that are cut on their diagonals, and the lines on them.
 *
 * A cut triangle is the finished one with every edge moved outward by the seam allowance s: a right triangle with legs F grows to legs
 * F + s(2 + √2); one whose long edge is F grows to a long edge of F + 2s(1 + √2).
 */
final class SquareCut
{
    /** Units that a printed grid of three by two cells gives: two from each cell. */
    public const GRID_UNITS = 12;

    /** The square that gives two half triangles of finished leg F. */
    public static function half(Length $finished, Length $seam): Length
    {
        return $finished->plus($seam->times(2))->plus($seam->timesRoot2());
    }

    /** The square that gives four quarter triangles of finished long edge F. */
    public static function quarter(Length $finished, Length $seam): Length
    {
        return $finished->plus($seam->times(2))->plus($seam->times(2)->timesRoot2());
    }

    /** From the bottom left to the top right. */
    public static function rising(Length $square): Outline
    {
        return new Outline(new Point(Length::zero(), $square), new Point($square, Length::zero()));
    }

    /** From the top left to the bottom right. */
    public static function falling(Length $square): Outline
    {
        return new Outline(new Point(Length::zero(), Length::zero()), new Point($square, $square));
    }

    /**
     * The two lines s either side of the rising diagonal, clipped to the square: a line s off a 45° line meets the edges s√2 away from it.
     *
     * @return list<Outline>
     */
    public static function besideRising(Length $square, Length $seam): array
    {
        $offset = $seam->timesRoot2();
        $inner = $square->minus($offset);

        return [
            new Outline(new Point(Length::zero(), $inner), new Point($inner, Length::zero())),
            new Outline(new Point($offset, $square), new Point($square, $offset)),
        ];
    }

    /**
     * The two lines s either side of the falling diagonal.
     *
     * @return list<Outline>
     */
    public static function besideFalling(Length $square, Length $seam): array
    {
        return array_map(fn (Outline $line): Outline => new Outline(...array_map(
            fn (Point $point): Point => new Point($square->minus($point->x), $point->y), $line->corners,
        )), self::besideRising($square, $seam));
    }

    /**
     * The lines of a printed grid of three by two cells: every cell has one diagonal, and those of neighbours meet.
     *
     * @return array{list<Outline>, list<Outline>} to sew, to cut
     */
    public static function grid(Length $cell, Length $seam): array
    {
        $zero = Length::zero();
        [$across, $down] = [$cell->times(3), $cell->times(2)];
        $sew = [];
        $cuts = [new Outline(new Point($zero, $cell), new Point($across, $cell))];
        foreach ([1, 2] as $column) {
            $cuts[] = new Outline(new Point($cell->times($column), $zero), new Point($cell->times($column), $down));
        }
        $rising = [self::rising($cell), self::besideRising($cell, $seam)];
        $falling = [self::falling($cell), self::besideFalling($cell, $seam)];
        foreach ([[0, 0], [1, 0], [2, 0], [0, 1], [1, 1], [2, 1]] as [$column, $row]) {
            [$diagonal, $beside] = ($column + $row) % 2 === 0 ? $rising : $falling;
            [$x, $y] = [$cell->times($column), $cell->times($row)];
            $cuts[] = $diagonal->movedBy($x, $y);
            foreach ($beside as $line) {
                $sew[] = $line->movedBy($x, $y);
            }
        }

        return [$sew, $cuts];
    }
}
