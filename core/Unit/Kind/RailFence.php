<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
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
 * Equal bars side by side across a square: a strip set cut into squares, or single bars.
 */
final readonly class RailFence implements Unit
{
    /** @param  non-empty-list<Slot>  $slots from left to right */
    public function __construct(
        private Length $side,
        private array $slots,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitKind::Rail;
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
        $bar = new Size($this->side->dividedBy(count($this->slots)), $this->side);
        $patches = [];
        foreach ($this->slots as $index => $slot) {
            $patches[] = new Patch($slot->id, Outline::rectangle($bar->width->times($index), Length::zero(), $bar));
        }

        return $patches;
    }

    /** @throws InvalidArgumentException when not one segment fits across the cloth */
    public function making(Method $method, CuttingRoom $room): Making
    {
        $bar = Measurement::exact($this->side->dividedBy(count($this->slots))->plus($room->seam->times(2)));
        $unfinished = Measurement::exact($this->side->plus($room->seam->times(2)));
        $seam = ['seam' => Measurement::setting($room->seam)];
        $segments = $room->usableWidth->minus($room->squaring)->countOf($unfinished->exact);
        $ids = array_map(fn (Slot $slot): string => $slot->id, $this->slots);

        return match ($method) {
            Method::RailStrips => Making::of($method, [
                ...$this->bars(fn (int $index, string $slot): Piece => new Piece("strip-$index", PieceShape::Strip, [$slot], $bar, null, max(1, $segments), segment: 'segment'), $segments),
                new Piece('segment', PieceShape::Segment, $ids, $unfinished, $unfinished),
            ], [
                new Step(StepKind::Sew, 'rail.strips.sew', $seam),
                new Step(StepKind::Press, 'rail.strips.press'),
                new Step(StepKind::Check, 'four_patch.strips.check', ['sewn' => $unfinished]),
                new Step(StepKind::Cut, 'four_patch.strips.cut', ['segment' => $unfinished], counts: ['segments' => $segments]),
            ], $room),
            Method::RailBars => Making::of($method, $this->bars(fn (int $index, string $slot): Piece => new Piece("bar-$index", PieceShape::Rectangle, [$slot], $bar, $unfinished), 1), [
                new Step(StepKind::Sew, 'rail.bars.sew', $seam),
                new Step(StepKind::Press, 'rail.strips.press'),
                new Step(StepKind::Trim, 'four_patch.trim', ['unfinished' => $unfinished]),
            ], $room),
            default => throw new InvalidArgumentException(sprintf('A rail fence is not made by "%s".', $method->value)),
        };
    }

    /**
     * @param  callable(int, string): Piece  $make
     * @return non-empty-list<Piece>
     */
    private function bars(callable $make, int $segments): array
    {
        if ($segments < 1) {
            throw new InvalidArgumentException('No segment of this width can be cut across the cloth.');
        }
        $pieces = [];
        foreach ($this->slots as $index => $slot) {
            $pieces[] = $make($index + 1, $slot->id);
        }

        return $pieces;
    }
}
