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

/**
 * A square standing on its corner inside another.
 *
 * The centre's side is F/√2 + 2s. Cut too large it would push each point over the edge, so it is rounded down; the corners are cut larger and trimmed.
 */
final readonly class SquareInSquare implements Unit
{
    public function __construct(
        private Length $side,
        private Slot $centre,
        private Slot $corner,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitKind::SquareInSquare;
    }

    public function finished(): Size
    {
        return Size::square($this->side);
    }

    public function slots(): array
    {
        return [$this->centre, $this->corner];
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $half = $this->side->dividedBy(2);
        $top = new Point($half, $zero);
        $right = new Point($this->side, $half);
        $bottom = new Point($half, $this->side);
        $left = new Point($zero, $half);

        return [
            new Patch($this->centre->id, new Outline($top, $right, $bottom, $left)),
            new Patch($this->corner->id, new Outline(new Point($zero, $zero), $top, $left)),
            new Patch($this->corner->id, new Outline($top, new Point($this->side, $zero), $right)),
            new Patch($this->corner->id, new Outline($right, new Point($this->side, $this->side), $bottom)),
            new Patch($this->corner->id, new Outline($left, $bottom, new Point($zero, $this->side))),
        ];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        return match ($method) {
            Method::SquareInSquareTriangles => $this->fromTriangles($room),
            Method::SquareInSquareFlip => $this->flipped($room),
            default => throw new InvalidArgumentException(sprintf('A square in a square is not made by "%s".', $method->value)),
        };
    }

    private function fromTriangles(CuttingRoom $room): Making
    {
        $centre = new Measurement($this->side->timesRoot2()->dividedBy(2)->plus($room->seam->times(2)), Rounding::Down);
        $corner = SquareCut::half($this->side->dividedBy(2), $room->seam);
        $cut = Measurement::up($corner);

        return Making::of(Method::SquareInSquareTriangles, [
            new Piece('centre', PieceShape::Square, [$this->centre->id], $centre, $centre),
            new Piece('corner', PieceShape::Square, [$this->corner->id], $cut, $cut, 2, 4, cutLines: [SquareCut::rising($corner)]),
        ], [
            new Step(StepKind::Cut, 'square_in_square.triangles.cut', slots: ['corner' => $this->corner->id]),
            new Step(StepKind::Sew, 'square_in_square.triangles.sew', ['seam' => Measurement::setting($room->seam)], ['centre' => $this->centre->id, 'corner' => $this->corner->id]),
            new Step(StepKind::Press, 'square_in_square.press', slots: ['corner' => $this->corner->id]),
            new Step(StepKind::Sew, 'square_in_square.triangles.sew_again'),
            $this->trim($room),
        ], $room);
    }

    private function flipped(CuttingRoom $room): Making
    {
        $base = Measurement::exact($this->side->plus($room->seam->times(2)));
        $corner = $this->side->dividedBy(2)->plus($room->seam->times(2));
        $cut = Measurement::exact($corner);

        return Making::of(Method::SquareInSquareFlip, [
            new Piece('centre', PieceShape::Square, [$this->centre->id], $base, $base),
            new Piece('corner', PieceShape::Square, [$this->corner->id], $cut, $cut, each: 4, sewLines: [SquareCut::rising($corner)]),
        ], [
            new Step(StepKind::Mark, 'corners.mark', slots: ['corner' => $this->corner->id]),
            new Step(StepKind::Sew, 'square_in_square.flip.sew', slots: ['centre' => $this->centre->id]),
            new Step(StepKind::Check, 'corners.check'),
            new Step(StepKind::Cut, 'corners.cut', ['seam' => Measurement::setting($room->seam)]),
            new Step(StepKind::Press, 'square_in_square.press', slots: ['corner' => $this->corner->id]),
            $this->trim($room),
        ], $room);
    }

    private function trim(CuttingRoom $room): Step
    {
        return new Step(StepKind::Trim, 'square_in_square.trim', [
            'unfinished' => Measurement::exact($this->side->plus($room->seam->times(2))),
            'seam' => Measurement::setting($room->seam),
        ]);
    }
}
