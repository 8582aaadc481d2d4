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
 * Four quarter triangles meeting in the middle: a quarter-square triangle unit of two, three or four fabrics.
 *
 * Two fabrics: top and bottom, then the sides. Three: top, sides, bottom. Four: top, right, bottom, left.
 */
final readonly class Hourglass implements Unit
{
    /** @param  non-empty-list<Slot>  $slots two to four */
    public function __construct(
        private Length $side,
        private array $slots,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitKind::Hourglass;
    }

    public function finished(): Size
    {
        return Size::square($this->side);
    }

    public function slots(): array
    {
        return $this->slots;
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $half = $this->side->dividedBy(2);
        $middle = new Point($half, $half);
        $corners = [new Point($zero, $zero), new Point($this->side, $zero), new Point($this->side, $this->side), new Point($zero, $this->side)];
        $patches = [];
        foreach ($this->quarters() as $index => $slot) {
            $patches[] = new Patch($slot->id, new Outline($corners[$index], $corners[($index + 1) % 4], $middle));
        }

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        return match ($method) {
            // With four fabrics, half of the units from squares would come out mirrored: those are made from triangles.
            Method::HourglassSquares => count($this->slots) === 4 ? $this->fromTriangles($room) : $this->fromSquares($room),
            Method::HourglassTriangles => $this->fromTriangles($room),
            default => throw new InvalidArgumentException(sprintf('An hourglass is not made by "%s".', $method->value)),
        };
    }

    /** Pairs of squares make half-square triangles; two of those, layered and cut again, make two units. */
    private function fromSquares(CuttingRoom $room): Making
    {
        $square = SquareCut::quarter($this->side, $room->seam);
        $cut = Measurement::up($square);
        $lines = SquareCut::besideRising($square, $room->seam);

        return Making::of(
            Method::HourglassSquares,
            $this->squares($cut, count($this->slots) === 2 ? 2 : 4, $lines, [SquareCut::rising($square)]),
            [
                new Step(StepKind::Mark, 'hourglass.squares.mark', slots: ['first' => $this->slots[0]->id]),
                new Step(StepKind::Sew, 'hourglass.squares.sew', ['seam' => Measurement::setting($room->seam)]),
                new Step(StepKind::Press, 'hourglass.squares.press', slots: ['dark' => $this->darkest()->id]),
                new Step(StepKind::Layer, 'hourglass.squares.layer'),
                new Step(StepKind::Sew, 'hourglass.squares.sew_again', ['seam' => Measurement::setting($room->seam)]),
                ...$this->finish($room),
            ],
            $room,
        );
    }

    /** Squares cut twice corner to corner, so that the straight grain lies outside. */
    private function fromTriangles(CuttingRoom $room): Making
    {
        $square = SquareCut::quarter($this->side, $room->seam);

        return Making::of(
            Method::HourglassTriangles,
            $this->squares(Measurement::up($square), null, [], [SquareCut::rising($square), SquareCut::falling($square)]),
            [
                new Step(StepKind::Cut, 'hourglass.triangles.cut'),
                new Step(StepKind::Layer, 'hourglass.triangles.layer'),
                new Step(StepKind::Sew, 'hourglass.triangles.sew', ['seam' => Measurement::setting($room->seam)]),
                ...$this->finish($room),
            ],
            $room,
        );
    }

    /**
     * One square gives four quarters. Where squares are sewn in pairs, they are needed for so many units together.
     *
     * @param  positive-int|null  $together  units that one round of pairs gives; null when triangles are cut one by one
     * @param  list<Outline>  $sewLines
     * @param  list<Outline>  $cutLines
     * @return non-empty-list<Piece>
     */
    private function squares(Measurement $cut, ?int $together, array $sewLines, array $cutLines): array
    {
        $pieces = [];
        foreach (array_count_values(array_map(fn (Slot $slot): string => $slot->id, $this->quarters())) as $slot => $quarters) {
            $id = 'square-'.(count($pieces) + 1);
            $pieces[] = $together === null
                ? new Piece($id, PieceShape::Square, [(string) $slot], $cut, $cut, 4, $quarters, cutLines: $cutLines)
                : new Piece($id, PieceShape::Square, [(string) $slot], $cut, $cut, $together, each: max(1, intdiv($quarters * $together, 4)), sewLines: $sewLines, cutLines: $cutLines);
        }

        return $pieces === [] ? throw new InvalidArgumentException('An hourglass needs fabrics.') : $pieces;
    }

    /** @return list<Step> */
    private function finish(CuttingRoom $room): array
    {
        return [
            new Step(StepKind::Press, 'hourglass.spin'),
            new Step(StepKind::Trim, 'hourglass.trim', ['unfinished' => Measurement::exact($this->side->plus($room->seam->times(2)))]),
        ];
    }

    /** @return list<Slot> top, right, bottom, left */
    private function quarters(): array
    {
        $slots = $this->slots;
        $second = $slots[1] ?? $slots[0];

        return match (count($slots)) {
            4 => $slots,
            3 => [$slots[0], $second, $slots[2], $second],
            default => [$slots[0], $second, $slots[0], $second],
        };
    }

    private function darkest(): Slot
    {
        return array_reduce($this->slots, fn (Slot $dark, Slot $slot): Slot => $slot->value->isDarkerThan($dark->value) ? $slot : $dark, $this->slots[0]);
    }
}
