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

/** Four equal squares; the first fabric at the top left and bottom right, the second in the other two corners. */
final readonly class FourPatch implements Unit
{
    public function __construct(
        private Length $side,
        private Slot $first,
        private Slot $second,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitKind::FourPatch;
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
        $square = Size::square($half);

        return [
            new Patch($this->first->id, Outline::rectangle(Length::zero(), Length::zero(), $square)),
            new Patch($this->second->id, Outline::rectangle($half, Length::zero(), $square)),
            new Patch($this->second->id, Outline::rectangle(Length::zero(), $half, $square)),
            new Patch($this->first->id, Outline::rectangle($half, $half, $square)),
        ];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        return match ($method) {
            Method::FourPatchStrips => $this->fromStripSets($room),
            Method::FourPatchSquares => $this->fromSquares($room),
            default => throw new InvalidArgumentException(sprintf('A four-patch is not made by "%s".', $method->value)),
        };
    }

    /**
     * Strips of F/2 + 2s in pairs; segments of the same width; two segments, one turned, make a unit. A set gives
     * ⌊(usable − squaring)/(F/2 + 2s)⌋ segments. Strips and segments are cut exactly: their surplus would move the seams.
     *
     * @throws InvalidArgumentException when not one segment fits across the cloth
     */
    private function fromStripSets(CuttingRoom $room): Making
    {
        $cut = $this->cut($room->seam);
        $width = Measurement::exact($cut);
        $unfinished = Measurement::exact($this->side->plus($room->seam->times(2)));
        $segments = $room->usableWidth->minus($room->squaring)->countOf($cut);
        if ($segments < 1) {
            throw new InvalidArgumentException('No segment of this width can be cut across the cloth.');
        }

        return new Making(
            method: Method::FourPatchStrips,
            pieces: [
                new Piece('first-strip', PieceShape::Strip, [$this->first->id], $width, null, $segments, 2, segment: 'segment'),
                new Piece('second-strip', PieceShape::Strip, [$this->second->id], $width, null, $segments, 2, segment: 'segment'),
                new Piece('segment', PieceShape::Segment, [$this->first->id, $this->second->id], $width, $unfinished, perUnit: 2),
            ],
            steps: [
                new Step(StepKind::Sew, 'four_patch.strips.sew', ['seam' => Measurement::setting($room->seam)], ['first' => $this->first->id, 'second' => $this->second->id]),
                new Step(StepKind::Press, 'four_patch.strips.press', slots: ['dark' => $this->darker()->id]),
                new Step(StepKind::Check, 'four_patch.strips.check', ['sewn' => $unfinished]),
                new Step(StepKind::Cut, 'four_patch.strips.cut', ['segment' => $width], counts: ['segments' => $segments]),
                ...$this->join($room->seam),
            ],
            biasEdges: 0,
            clothPerUnit: 4 * $cut->toFloat() * $room->usableWidth->toFloat() / $segments,
        );
    }

    private function fromSquares(CuttingRoom $room): Making
    {
        $cut = $this->cut($room->seam);
        $width = Measurement::exact($cut);

        return new Making(
            method: Method::FourPatchSquares,
            pieces: [
                new Piece('first-square', PieceShape::Square, [$this->first->id], $width, $width, each: 2),
                new Piece('second-square', PieceShape::Square, [$this->second->id], $width, $width, each: 2),
            ],
            steps: [
                new Step(StepKind::Sew, 'four_patch.squares.sew', ['seam' => Measurement::setting($room->seam)], ['first' => $this->first->id, 'second' => $this->second->id]),
                new Step(StepKind::Press, 'four_patch.squares.press', slots: ['dark' => $this->darker()->id]),
                ...$this->join($room->seam),
            ],
            biasEdges: 0,
            clothPerUnit: 4 * Size::square($cut)->area(),
        );
    }

    /** @return list<Step> */
    private function join(Length $seam): array
    {
        $unfinished = Measurement::exact($this->side->plus($seam->times(2)));

        return [
            new Step(StepKind::Layer, 'four_patch.join', slots: ['first' => $this->first->id]),
            new Step(StepKind::Press, 'four_patch.spin'),
            new Step(StepKind::Trim, 'four_patch.trim', ['unfinished' => $unfinished]),
        ];
    }

    private function cut(Length $seam): Length
    {
        return $this->side->dividedBy(2)->plus($seam->times(2));
    }

    private function darker(): Slot
    {
        return $this->first->value->isDarkerThan($this->second->value) ? $this->first : $this->second;
    }
}
