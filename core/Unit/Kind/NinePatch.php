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
 * Nine equal squares like a chequerboard: the first fabric in the corners and the middle.
 */
final readonly class NinePatch implements Unit
{
    public function __construct(
        private Length $side,
        private Slot $first,
        private Slot $second,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitKind::NinePatch;
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
        $square = Size::square($this->side->dividedBy(3));
        $patches = [];
        for ($place = 0; $place < 9; $place++) {
            $slot = $place % 2 === 0 ? $this->first : $this->second;
            $patches[] = new Patch($slot->id, Outline::rectangle($square->width->times($place % 3), $square->height->times(intdiv($place, 3)), $square));
        }

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        $cut = $this->side->dividedBy(3)->plus($room->seam->times(2));
        $width = Measurement::exact($cut);

        return match ($method) {
            Method::NinePatchStrips => $this->fromStripSets($room, $width),
            Method::NinePatchSquares => Making::of($method, [
                new Piece('first-square', PieceShape::Square, [$this->first->id], $width, $width, each: 5),
                new Piece('second-square', PieceShape::Square, [$this->second->id], $width, $width, each: 4),
            ], [
                new Step(StepKind::Sew, 'nine_patch.squares.sew', ['seam' => Measurement::setting($room->seam)], ['first' => $this->first->id, 'second' => $this->second->id]),
                ...$this->join($room),
            ], $room),
            default => throw new InvalidArgumentException(sprintf('A nine-patch is not made by "%s".', $method->value)),
        };
    }

    /** Two kinds of set: first-second-first gives two segments of every unit, second-first-second gives one. */
    private function fromStripSets(CuttingRoom $room, Measurement $width): Making
    {
        $segments = $room->usableWidth->minus($room->squaring)->countOf($width->exact);
        if ($segments < 1) {
            throw new InvalidArgumentException('No segment of this width can be cut across the cloth.');
        }
        $unfinished = Measurement::exact($this->side->plus($room->seam->times(2)));
        [$first, $second] = [$this->first->id, $this->second->id];

        return Making::of(Method::NinePatchStrips, [
            new Piece('outer-first', PieceShape::Strip, [$first], $width, null, $segments, 2, 2, 'outer'),
            new Piece('outer-second', PieceShape::Strip, [$second], $width, null, $segments, 2, 1, 'outer'),
            new Piece('inner-second', PieceShape::Strip, [$second], $width, null, $segments, 1, 2, 'inner'),
            new Piece('inner-first', PieceShape::Strip, [$first], $width, null, $segments, 1, 1, 'inner'),
            new Piece('outer', PieceShape::Segment, [$first, $second, $first], $width, $unfinished, perUnit: 2),
            new Piece('inner', PieceShape::Segment, [$second, $first, $second], $width, $unfinished),
        ], [
            new Step(StepKind::Sew, 'nine_patch.strips.sew', ['seam' => Measurement::setting($room->seam)], ['first' => $first, 'second' => $second]),
            new Step(StepKind::Press, 'nine_patch.strips.press', slots: ['dark' => $this->first->value->isDarkerThan($this->second->value) ? $first : $second]),
            new Step(StepKind::Check, 'four_patch.strips.check', ['sewn' => $unfinished]),
            new Step(StepKind::Cut, 'four_patch.strips.cut', ['segment' => $width], counts: ['segments' => $segments]),
            ...$this->join($room),
        ], $room);
    }

    /** @return list<Step> */
    private function join(CuttingRoom $room): array
    {
        return [
            new Step(StepKind::Layer, 'nine_patch.join', slots: ['first' => $this->first->id]),
            new Step(StepKind::Trim, 'four_patch.trim', ['unfinished' => Measurement::exact($this->side->plus($room->seam->times(2)))]),
        ];
    }
}
