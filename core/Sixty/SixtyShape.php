<?php

declare(strict_types=1);

namespace Dew\Core\Sixty;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\SixtyTriangle;
use Dew\Core\Unit\Kind\SlantedUnit;
use Dew\Core\Unit\UnitKind;

/**
 * What a block on 60° axes, or something that lies in one, looks like as it is drawn: a triangle on its base, a diamond that leans to the
 * right, or the right half of a triangle that stands on its point.
 */
enum SixtyShape: string
{
    case Triangle = 'triangle';
    case Diamond = 'diamond';
    case HalfTriangle = 'half-triangle';

    /** The shape of a unit of the library; null for one that cannot lie on 60° axes. */
    public static function ofKind(UnitKind $kind): ?self
    {
        return match ($kind->value) {
            SixtyTriangle::TRIANGLE_60 => self::Triangle,
            SlantedUnit::DIAMOND_60 => self::Diamond,
            SixtyTriangle::HALF_TRIANGLE_60 => self::HalfTriangle,
            default => null,
        };
    }

    /** The finished box of this shape, by the finished side of the triangle or diamond (of the whole triangle of a half). */
    public function box(Length $side): Size
    {
        return new Size(match ($this) {
            self::Triangle => $side,
            self::Diamond => $side->times(3, 2),
            self::HalfTriangle => $side->dividedBy(2),
        }, $side->timesRoot3()->dividedBy(2));
    }

    /** The side that a box of this shape has: what {@see box()} was made from. */
    public function side(Size $box): Length
    {
        return match ($this) {
            self::Triangle => $box->width,
            self::Diamond => $box->width->times(2, 3),
            self::HalfTriangle => $box->width->times(2),
        };
    }

    /** Finished: how long it is along its base (half a triangle along its square edge), and how high above that. */
    public function along(Length $side): Size
    {
        return new Size($this === self::HalfTriangle ? $side->dividedBy(2) : $side, $this->box($side)->height);
    }

    /**
     * The same from raw edge to raw edge, with its tips blunted where the next seam will lie: s cot(α/2) more at each end of the base, α
     * being its corner there, and 2s in height.
     *
     * @param  Length  $seam  allowance
     */
    public function unfinished(Length $side, Length $seam): Size
    {
        $finished = $this->along($side);

        return new Size($finished->width->plus(match ($this) {
            self::Triangle => $seam->times(2)->timesRoot3(),
            self::Diamond => $seam->times(4, 3)->timesRoot3(),
            self::HalfTriangle => $seam->plus($seam->timesRoot3()),
        }), $finished->height->plus($seam->times(2)));
    }

    /** Places of a grid that it covers, by how many divisions its side has. */
    public function places(int $size): int
    {
        return match ($this) {
            self::Triangle => $size * $size,
            self::Diamond => 2 * $size * $size,
            self::HalfTriangle => intdiv($size * ($size + 1), 2),
        };
    }

    /**
     * Its corners as it is drawn, from the one it is laid by: the point of a triangle, the lower left corner of a diamond, the square
     * corner of a half triangle. In halves of its side to the right, and in its height downwards.
     *
     * @return non-empty-list<array{int, int}>
     */
    public function reach(bool $mirrored): array
    {
        return match ($this) {
            self::Triangle => [[0, 0], [1, 1], [-1, 1]],
            self::Diamond => [[0, 0], [1, -1], [3, -1], [2, 0]],
            self::HalfTriangle => [[0, 0], [$mirrored ? -1 : 1, 0], [0, 1]],
        };
    }

    /** Twice the angle of the line it is mirrored along, in sixths of a turn: a diamond along its long diagonal, the others upright. */
    public function doubledAxis(): int
    {
        return $this === self::Diamond ? 5 : 3;
    }
}
