<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Outline;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Piece;
use InvalidArgumentException;

/**
 * Lays the pieces of a unit out at true size on mats of a cutting machine, a mat holding one fabric: in shelves, the highest first.
 *
 * Pieces are cut at their exact size, since a machine needs no marks on a ruler; triangles are cut from their squares by the lines on
 * those.
 */
final class CutSheets
{
    /** Between two shapes, and from the edge of the mat. */
    private const GAP = [1, 8];

    /** More shapes than this are a mistake. */
    private const MOST = 5000;

    /**
     * @return list<CutSheet>
     *
     * @throws InvalidArgumentException when a piece is larger than the mat, or has no length of its own
     */
    public static function of(Making $making, int $units, Size $mat): array
    {
        $gap = Length::fraction(...self::GAP);
        $byFabric = [];
        foreach ($making->pieces as $piece) {
            if (! $piece->isCloth()) {
                continue;
            }
            $length = $piece->length ?? throw new Refused('cutting.whole_strips');
            if ($length->exact->plus(
                $gap->times(2),
            )->isGreaterThan($mat->width) || $piece->width->exact->plus($gap->times(2))->isGreaterThan($mat->height)) {
                throw new Refused('cutting.larger_than_mat', [
                    'width' => $length->exact->toDecimal(3),
                    'height' => $piece->width->exact->toDecimal(3),
                    'mat_width' => $mat->width->toDecimal(3),
                    'mat_height' => $mat->height->toDecimal(3),
                ]);
            }
            for ($number = 0; $number < $piece->quantity($units); $number++) {
                $byFabric[$piece->slots[0]][] = $piece;
            }
        }
        if (array_sum(array_map(count(...), $byFabric)) > self::MOST) {
            throw new Refused('cutting.too_many_shapes', ['most' => self::MOST]);
        }
        $sheets = [];
        foreach ($byFabric as $slot => $pieces) {
            usort($pieces, fn (Piece $a, Piece $b): int => $b->width->exact->compareTo($a->width->exact));
            array_push($sheets, ...self::shelves((string) $slot, $pieces, $mat, $gap));
        }

        return $sheets;
    }

    /**
     * @param  list<Piece>  $pieces  the highest first
     * @return list<CutSheet>
     */
    private static function shelves(string $slot, array $pieces, Size $mat, Length $gap): array
    {
        $sheets = $shapes = $lines = [];
        [$x, $y, $high] = [$gap, $gap, Length::zero()];
        foreach ($pieces as $piece) {
            $size = new Size(($piece->length ?? $piece->width)->exact, $piece->width->exact);
            if ($x->plus($size->width)->plus($gap)->isGreaterThan($mat->width)) {
                [$x, $y, $high] = [$gap, $y->plus($high)->plus($gap), Length::zero()];
            }
            if ($y->plus($size->height)->plus($gap)->isGreaterThan($mat->height)) {
                $sheets[] = new CutSheet($slot, $mat, $shapes, $lines);
                $shapes = $lines = [];
                [$x, $y, $high] = [$gap, $gap, Length::zero()];
            }
            $turn = Orientation::of(0, $piece->lay->mirrored);
            $shapes[] = ($piece->lay->outline ?? Outline::rectangle(Length::zero(), Length::zero(), $size))->oriented(
                $turn,
                $size,
            )->movedBy($x, $y);
            foreach ($piece->lines->sew === [] ? $piece->lines->cut : [] as $line) {
                $lines[] = $line->oriented($turn, $size)->movedBy($x, $y);
            }
            $x = $x->plus($size->width)->plus($gap);
            $high = $size->height->isGreaterThan($high) ? $size->height : $high;
        }
        if ($shapes !== []) {
            $sheets[] = new CutSheet($slot, $mat, $shapes, $lines);
        }

        return $sheets;
    }
}
