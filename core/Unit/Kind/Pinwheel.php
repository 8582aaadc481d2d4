<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Making\Sewing;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/** Four half-square triangles turning about the middle: the first fabric leads, the second follows. */
final readonly class Pinwheel implements Unit
{
    public function __construct(
        private Length $side,
        private Slot $first,
        private Slot $second,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitKind::Pinwheel;
    }

    public function finished(): Size
    {
        return Size::square($this->side);
    }

    public function slots(): array
    {
        return [$this->first, $this->second];
    }

    public function patches(): array
    {
        $half = $this->side->dividedBy(2);
        $quarter = Size::square($half);
        $zero = Length::zero();
        $patches = [];
        // A quarter's seam runs into the middle.
        foreach ([[90, $zero, $zero], [180, $half, $zero], [270, $half, $half], [0, $zero, $half]] as [$turn, $left, $top]) {
            foreach ($this->quarter()->patches() as $patch) {
                $patches[] = $patch->oriented(Orientation::of($turn), $quarter)->movedBy($left, $top);
            }
        }

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        $quarter = $this->quarter()->making(match ($method) {
            Method::PinwheelTwo => Method::HstTwo,
            Method::PinwheelEight => Method::HstEight,
            Method::PinwheelTriangles => Method::HstTriangles,
            default => throw new InvalidArgumentException(sprintf('A pinwheel is not made by "%s".', $method->value)),
        }, $room);

        return Making::of($method, array_map(fn (Piece $piece): Piece => $piece->times(4), $quarter->pieces), [
            ...$quarter->steps,
            new Step(StepKind::Layer, 'pinwheel.layer', slots: ['first' => $this->first->id, 'second' => $this->second->id]),
            new Step(StepKind::Sew, 'pinwheel.sew', ['seam' => Measurement::setting($room->seam)], sewing: Sewing::Unsecured),
            new Step(StepKind::Press, 'pinwheel.spin'),
            new Step(StepKind::Trim, 'four_patch.trim', ['unfinished' => Measurement::exact($this->side->plus($room->seam->times(2)))]),
        ], $room);
    }

    private function quarter(): HalfSquareTriangle
    {
        return new HalfSquareTriangle($this->side->dividedBy(2), $this->first, $this->second);
    }
}
