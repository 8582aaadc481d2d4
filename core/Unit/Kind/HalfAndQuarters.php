<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * One half triangle at the bottom right, two quarter triangles at the top and the left.
 *
 * The order of the quarters makes it left or right: they are cut as triangles, so that every unit turns the same way.
 */
final readonly class HalfAndQuarters implements Unit
{
    public function __construct(
        private Length $side,
        private Slot $half,
        private Slot $top,
        private Slot $left,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitKind::HalfAndQuarters;
    }

    public function finished(): Size
    {
        return Size::square($this->side);
    }

    public function slots(): array
    {
        return [$this->half, $this->top, $this->left];
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $half = $this->side->dividedBy(2);
        $topLeft = new Point($zero, $zero);
        $topRight = new Point($this->side, $zero);
        $bottomLeft = new Point($zero, $this->side);
        $middle = new Point($half, $half);

        return [
            new Patch($this->half->id, new Outline($topRight, new Point($this->side, $this->side), $bottomLeft)),
            new Patch($this->top->id, new Outline($topLeft, $topRight, $middle)),
            new Patch($this->left->id, new Outline($topLeft, $middle, $bottomLeft)),
        ];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if ($method !== Method::HalfAndQuartersTriangles) {
            throw new InvalidArgumentException(sprintf('A half and two quarters are not made by "%s".', $method->value));
        }
        $halfSquare = SquareCut::half($this->side, $room->seam);
        $quarterSquare = SquareCut::quarter($this->side, $room->seam);
        $halfCut = Measurement::up($halfSquare);
        $quarterCut = Measurement::up($quarterSquare);
        $twice = [SquareCut::rising($quarterSquare), SquareCut::falling($quarterSquare)];

        return Making::of($method, [
            new Piece('half', PieceShape::Square, [$this->half->id], $halfCut, $halfCut, 2, cutLines: [SquareCut::rising($halfSquare)]),
            new Piece('top', PieceShape::Square, [$this->top->id], $quarterCut, $quarterCut, 4, cutLines: $twice),
            new Piece('left', PieceShape::Square, [$this->left->id], $quarterCut, $quarterCut, 4, cutLines: $twice),
        ], [
            new Step(StepKind::Cut, 'half_and_quarters.cut', slots: ['half' => $this->half->id, 'top' => $this->top->id, 'left' => $this->left->id]),
            new Step(StepKind::Layer, 'half_and_quarters.layer', slots: ['top' => $this->top->id, 'left' => $this->left->id]),
            new Step(StepKind::Sew, 'half_and_quarters.sew', ['seam' => Measurement::setting($room->seam)], ['half' => $this->half->id]),
            new Step(StepKind::Press, 'half_and_quarters.press', slots: ['half' => $this->half->id]),
            new Step(StepKind::Trim, 'half_and_quarters.trim', ['unfinished' => Measurement::exact($this->side->plus($room->seam->times(2)))]),
        ], $room);
    }
}
