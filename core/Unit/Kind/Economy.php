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
use Dew\Core\Measure\Rounding;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/** A square in a square in a square: the centre straight, its first corners on point, the second corners outside. */
final readonly class Economy implements Unit
{
    public function __construct(
        private Length $side,
        private Slot $centre,
        private Slot $inner,
        private Slot $outer,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitKind::Economy;
    }

    public function finished(): Size
    {
        return Size::square($this->side);
    }

    public function slots(): array
    {
        return [$this->centre, $this->inner, $this->outer];
    }

    public function patches(): array
    {
        [$zero, $quarter, $half, $most, $all] = [Length::zero(), $this->side->dividedBy(4), $this->side->dividedBy(2), $this->side->times(3, 4), $this->side];
        $at = fn (Length $x, Length $y): Point => new Point($x, $y);
        $inner = [$at($quarter, $quarter), $at($most, $quarter), $at($most, $most), $at($quarter, $most)];
        $tips = [$at($half, $zero), $at($all, $half), $at($half, $all), $at($zero, $half)];
        $outer = [$at($all, $zero), $at($all, $all), $at($zero, $all), $at($zero, $zero)];
        $patches = [new Patch($this->centre->id, new Outline(...$inner))];
        foreach ($tips as $index => $tip) {
            $patches[] = new Patch($this->inner->id, new Outline($inner[$index], $tip, $inner[($index + 1) % 4]));
        }
        foreach ($tips as $index => $tip) {
            $patches[] = new Patch($this->outer->id, new Outline($tip, $outer[$index], $tips[($index + 1) % 4]));
        }

        return $patches;
    }

    /** The centre finishes F/2; its corners are half triangles of leg F/(2√2), those outside of leg F/2. */
    public function making(Method $method, CuttingRoom $room): Making
    {
        if ($method !== Method::EconomyTriangles) {
            throw new InvalidArgumentException(sprintf('An economy block is not made by "%s".', $method->value));
        }
        $both = $room->seam->times(2);
        $onPoint = $this->side->timesRoot2()->dividedBy(2);
        $centre = Measurement::exact($this->side->dividedBy(2)->plus($both));
        $inner = SquareCut::half($onPoint->dividedBy(2), $room->seam);
        $outer = SquareCut::half($this->side->dividedBy(2), $room->seam);
        $slots = ['centre' => $this->centre->id, 'inner' => $this->inner->id, 'outer' => $this->outer->id];

        return Making::of($method, [
            new Piece('centre', PieceShape::Square, [$this->centre->id], $centre, $centre),
            new Piece('inner', PieceShape::Square, [$this->inner->id], Measurement::up($inner), Measurement::up($inner), 2, 4, cutLines: [SquareCut::rising($inner)]),
            new Piece('outer', PieceShape::Square, [$this->outer->id], Measurement::up($outer), Measurement::up($outer), 2, 4, cutLines: [SquareCut::rising($outer)]),
        ], [
            new Step(StepKind::Cut, 'economy.cut', slots: $slots),
            new Step(StepKind::Sew, 'economy.sew', ['seam' => Measurement::setting($room->seam)], $slots),
            // Rounded down: a middle that is too large would push its points over the edge.
            new Step(StepKind::Trim, 'economy.trim_inner', ['unfinished' => new Measurement($onPoint->plus($both), Rounding::Down), 'seam' => Measurement::setting($room->seam)]),
            new Step(StepKind::Sew, 'economy.sew_again', slots: $slots),
            new Step(StepKind::Press, 'economy.press'),
            new Step(StepKind::Trim, 'square_in_square.trim', ['unfinished' => Measurement::exact($this->side->plus($both)), 'seam' => Measurement::setting($room->seam)]),
        ], $room);
    }
}
