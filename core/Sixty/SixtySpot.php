<?php

declare(strict_types=1);

namespace Dew\Core\Sixty;

use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\Point;
use Dew\Core\Geometry\SixthTurn;
use Dew\Core\Measure\Length;
use Dew\Core\Unit\Unit;

/**
 * Where something lies on a grid of 60° triangles, and how it is turned. Points of the grid are counted in halves of a division to the
 * right and in rows downwards.
 */
final readonly class SixtySpot
{
    /**
     * @param  positive-int  $size  divisions of the grid along its side
     * @param  array{int, int}  $corner  where the corner lies that its shape is laid by
     * @param  int  $turn  clockwise, in sixths of a turn, 0 to 5
     * @param  bool  $mirrored  of a half triangle: whether it is the mirror image of the one that is drawn
     */
    public function __construct(
        public SixtyShape $shape,
        public int $size,
        public array $corner,
        public int $turn = 0,
        public bool $mirrored = false,
    ) {
    }

    /** @return non-empty-list<array{int, int}> points of the grid, in order around */
    public function corners(): array
    {
        return array_map(function (array $reach): array {
            [$across, $down] = self::turned([$reach[0] * $this->size, $reach[1] * $this->size], $this->turn);

            return [$this->corner[0] + $across, $this->corner[1] + $down];
        }, $this->shape->reach($this->mirrored));
    }

    /** Whether a point lies inside, given in sixths of what the grid is counted in; points on its edge do not. */
    public function holds(int $x, int $y): bool
    {
        $corners = $this->corners();
        $sides = [];
        foreach ($corners as $index => [$fromX, $fromY]) {
            [$toX, $toY] = $corners[($index + 1) % count($corners)];
            $sides[] = (6 * $toX - 6 * $fromX) * ($y - 6 * $fromY) - (6 * $toY - 6 * $fromY) * ($x - 6 * $fromX) <=> 0;
        }

        return abs(array_sum($sides)) === count($sides);
    }

    /** @param  Length  $edge  finished, of one division of the grid */
    public function outline(Length $edge): Outline
    {
        return new Outline(...array_map(fn (array $corner): Point => self::point($corner, $edge), $this->corners()));
    }

    /**
     * How a unit or block that is drawn upright comes to lie here.
     *
     * @param  Length  $edge  finished, of one division of the grid
     */
    public function placement(string $product, Unit $unit, Length $edge): Placement
    {
        $by = $this->laidBy($unit);
        $moved = SixthTurn::of(new Point($by->x->negated(), $by->y->negated()), $this->turn);
        $at = self::point($this->corner, $edge);

        return new Placement($product, $at->x->plus($moved->x), $at->y->plus($moved->y), 60 * $this->turn);
    }

    /** @return list<Patch> of the unit or block that lies here, where they lie */
    public function patches(Unit $unit, Length $edge): array
    {
        $place = $this->placement('', $unit, $edge);

        return array_map(
            fn (Patch $patch): Patch => SixthTurn::patch($patch, $this->turn)->movedBy($place->x, $place->y),
            $unit->patches(),
        );
    }

    /** The corner that a shape is laid by, in its own box. */
    private function laidBy(Unit $unit): Point
    {
        $zero = Length::zero();
        $size = $unit->finished();

        return match ($this->shape) {
            SixtyShape::Triangle => new Point($size->width->dividedBy(2), $zero),
            SixtyShape::Diamond => new Point($zero, $size->height),
            SixtyShape::HalfTriangle => new Point($this->mirrored ? $size->width : $zero, $zero),
        };
    }

    /** @param  array{int, int}  $knot */
    private static function point(array $knot, Length $edge): Point
    {
        return new Point($edge->times($knot[0], 2), $edge->times($knot[1], 2)->timesRoot3());
    }

    /**
     * @param  array{int, int}  $reach
     * @return array{int, int}
     */
    private static function turned(array $reach, int $turn): array
    {
        [$across, $down] = $turn >= 3 ? [-$reach[0], -$reach[1]] : $reach;
        for ($left = $turn % 3; $left > 0; $left--) {
            [$across, $down] = [intdiv($across - 3 * $down, 2), intdiv($across + $down, 2)];
        }

        return [$across, $down];
    }
}
