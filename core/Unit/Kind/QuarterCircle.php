<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Arc;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * A quarter of a circle in the top left corner of a square: the first fabric inside the curve, the second outside.
 *
 * Both cut curves have their centre at the finished corner, s inside the raw edges: the inner piece is cut to r + s, the outer to r − s.
 */
final readonly class QuarterCircle implements Unit
{
    /** @throws InvalidArgumentException when the circle does not fit its square */
    public function __construct(
        private Length $side,
        private Length $radius,
        private Slot $inner,
        private Slot $outer,
    ) {
        if (! $radius->isLessThan($side)) {
            throw new InvalidArgumentException('The radius of a quarter circle is less than the side of its square: the outer piece needs an edge.');
        }
    }

    public function kind(): UnitKind
    {
        return UnitKind::QuarterCircle;
    }

    public function finished(): Size
    {
        return Size::square($this->side);
    }

    public function slots(): array
    {
        return [$this->inner, $this->outer];
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $right = new Point($this->radius, $zero);
        $bottom = new Point($zero, $this->radius);

        return [
            new Patch($this->inner->id, new Outline(new Point($zero, $zero), $right, new Arc($this->radius, true), $bottom)),
            new Patch($this->outer->id, new Outline(
                $right, new Point($this->side, $zero), new Point($this->side, $this->side), new Point($zero, $this->side), $bottom, new Arc($this->radius, false),
            )),
        ];
    }

    /** @throws InvalidArgumentException when the curve is too tight for the seam */
    public function making(Method $method, CuttingRoom $room): Making
    {
        $twice = $room->seam->times(2);
        if ($this->radius->isLessThan($twice)) {
            throw new InvalidArgumentException('A quarter circle has a radius of two seam allowances at least: a tighter curve cannot be sewn.');
        }
        $unfinished = Measurement::exact($this->side->plus($twice));
        $seam = ['seam' => Measurement::setting($room->seam)];
        $slots = ['inner' => $this->inner->id, 'outer' => $this->outer->id];
        $sewing = [
            new Step(StepKind::Layer, 'quarter_circle.pin', slots: $slots),
            new Step(StepKind::Sew, 'quarter_circle.sew', $seam, $slots),
            new Step(StepKind::Press, 'quarter_circle.press', slots: $slots),
        ];
        if ($method === Method::QuarterCircleTemplates) {
            return Making::of($method, $this->templates($room), [
                new Step(StepKind::Cut, 'quarter_circle.templates.cut', [
                    'inner' => Measurement::exact($this->radius->plus($room->seam)),
                    'outer' => Measurement::exact($this->radius->minus($room->seam)),
                ]),
                ...$sewing,
                new Step(StepKind::Trim, 'quarter_circle.trim', ['unfinished' => $unfinished]),
            ], $room);
        }
        if ($method !== Method::QuarterCircleSwap) {
            throw new InvalidArgumentException(sprintf('A quarter circle is not made by "%s".', $method->value));
        }
        // Two squares cut along one curve and swapped lose 2s, and an eighth more is wanted to trim off centre.
        $square = Measurement::up($this->side->plus($twice)->plus($twice)->plus(Length::fraction(1, 8)));

        return Making::of($method, [
            new Piece('inner', PieceShape::Square, [$this->inner->id], $square, $square),
            new Piece('outer', PieceShape::Square, [$this->outer->id], $square, $square),
        ], [
            new Step(StepKind::Cut, 'quarter_circle.swap.cut', ['radius' => Measurement::exact($this->radius->plus($twice))]),
            ...$sewing,
            new Step(StepKind::Trim, 'quarter_circle.swap.trim', ['unfinished' => $unfinished, 'meets' => Measurement::exact($this->radius->plus($room->seam))]),
        ], $room);
    }

    /** @return non-empty-list<Piece> */
    private function templates(CuttingRoom $room): array
    {
        return [$this->template('inner', 0, $this->inner, $this->radius, $room), $this->template('outer', 1, $this->outer, $this->side, $room)];
    }

    private function template(string $id, int $patch, Slot $slot, Length $side, CuttingRoom $room): Piece
    {
        $box = Measurement::exact($side->plus($room->seam->times(2)));

        return new Piece($id, PieceShape::Template, [$slot->id], $box, $box, outline: TemplateCut::pieces([$this->patches()[$patch]], $room)[0]->outline, givenGrain: Grain::Drawn);
    }
}
