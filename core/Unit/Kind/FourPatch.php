<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/** Four equal squares; the first fabric at the top left and bottom right, the second in the other two corners. */
final readonly class FourPatch implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'four-patch';

    public const STRIPS = 'four-patch:strips';

    public const SQUARES = 'four-patch:squares';

    public function __construct(
        private Length $side,
        private Slot $first,
        private Slot $second,
    ) {
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [2, 2], [self::STRIPS, self::SQUARES]);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return new self($spec->finished->width, $spec->slots[0], $spec->slots[1]);
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(self::KIND);
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
        $zero = Length::zero();

        return [
            new Patch($this->first->id, Outline::rectangle($zero, $zero, $square)),
            new Patch($this->second->id, Outline::rectangle($half, $zero, $square)),
            new Patch($this->second->id, Outline::rectangle($zero, $half, $square)),
            new Patch($this->first->id, Outline::rectangle($half, $half, $square)),
        ];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        return match ($method->value) {
            self::STRIPS => $this->fromStripSets($room),
            self::SQUARES => $this->fromSquares($room),
            default => throw new Refused('unit.not_made_by', ['method' => $method->value]),
        };
    }

    /**
     * Strips of F/2 + 2s in pairs; segments of the same width; two segments, one turned, make a unit. A set gives ⌊(usable − squaring)/(F/2
     * + 2s)⌋ segments. Strips and segments are cut exactly: their surplus would move the seams.
     *
     * @throws InvalidArgumentException when not one segment fits across the cloth
     */
    private function fromStripSets(CuttingRoom $room): Making
    {
        $width = $room->unfinished($this->side->dividedBy(2));
        $sewn = $this->sewn($room, $width);
        $segments = $room->usableWidth->minus($room->squaring)->countOf($width->exact);
        if ($segments < 1) {
            throw new Refused('unit.no_segment');
        }
        [$first, $second] = [$this->first->id, $this->second->id];
        $strips = new Batch($segments, 2, 1, 'segment');
        $pairs = On::seams([[0, 1], [2, 3]]);

        return new Making(new Method(self::STRIPS), [
            Piece::strip('first-strip', $first, $width, $strips),
            Piece::strip('second-strip', $second, $width, $strips),
            Piece::segment('segment', [$first, $second], $width, $sewn, new Batch(perUnit: 2)),
        ], [
            new Step(StepKind::Sew, 'four_patch.strips.sew', ['seam' => $room->allowance()], ['first' => $first, 'second' => $second], on: [
                ...On::pieces('first-strip', 'second-strip'), ...$pairs,
            ]),
            new Step(
                StepKind::Press,
                'four_patch.strips.press',
                slots: ['dark' => $this->darker()->id],
                on: [...$pairs, ...$this->towardDark()],
            ),
            new Step(StepKind::Check, 'four_patch.strips.check', ['sewn' => $sewn], on: [On::piece('segment')]),
            new Step(
                StepKind::Cut,
                'four_patch.strips.cut',
                ['segment' => $width],
                counts: ['segments' => $segments],
                on: [On::piece('segment')],
            ),
            ...$this->join($sewn),
        ], sewn: [$sewn, $sewn]);
    }

    private function fromSquares(CuttingRoom $room): Making
    {
        $width = $room->unfinished($this->side->dividedBy(2));
        $sewn = $this->sewn($room, $width);
        $slots = ['first' => $this->first->id, 'second' => $this->second->id];
        $pairs = On::seams([[0, 1], [2, 3]]);

        return new Making(new Method(self::SQUARES), [
            Piece::square('first-square', $this->first->id, $width, new Batch(each: 2)),
            Piece::square('second-square', $this->second->id, $width, new Batch(each: 2)),
        ], [
            new Step(StepKind::Sew, 'four_patch.squares.sew', ['seam' => $room->allowance()], $slots, on: $pairs),
            new Step(
                StepKind::Press,
                'four_patch.squares.press',
                slots: ['dark' => $this->darker()->id],
                on: [...$pairs, ...$this->towardDark()],
            ),
            ...$this->join($sewn),
        ], sewn: [$sewn, $sewn]);
    }

    /** @return list<Step> */
    private function join(Measurement $sewn): array
    {
        $last = On::seams([[0, 2], [1, 3]]);

        return [
            new Step(StepKind::Sew, 'four_patch.join', slots: ['first' => $this->first->id], on: $last),
            new Step(StepKind::Press, 'four_patch.spin', on: $last),
            new Step(StepKind::Trim, 'four_patch.trim', ['unfinished' => $sewn], on: [On::whole()]),
        ];
    }

    /** Two squares side by side: what their cut sizes are off the true ones, the unit is too. */
    private function sewn(CuttingRoom $room, Measurement $square): Measurement
    {
        return Measurement::sewn($room->unfinished($this->side)->exact, [$square, $square]);
    }

    private function darker(): Slot
    {
        return $this->first->value->isDarkerThan($this->second->value) ? $this->first : $this->second;
    }

    /** @return list<On> */
    private function towardDark(): array
    {
        return array_map(On::toward(...), $this->darker() === $this->first ? [0, 3] : [1, 2]);
    }
}
