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

/** Nine equal squares like a chequerboard: the first fabric in the corners and the middle. */
final readonly class NinePatch implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'nine-patch';

    public const STRIPS = 'nine-patch:strips';

    public const SQUARES = 'nine-patch:squares';

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
        $square = Size::square($this->side->dividedBy(3));
        $patches = [];
        for ($place = 0; $place < 9; $place++) {
            $slot = $place % 2 === 0 ? $this->first : $this->second;
            [$left, $top] = [$square->width->times($place % 3), $square->height->times(intdiv($place, 3))];
            $patches[] = new Patch($slot->id, Outline::rectangle($left, $top, $square));
        }

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        $width = $room->unfinished($this->side->dividedBy(3));
        $sewn = Measurement::sewn($room->unfinished($this->side)->exact, [$width, $width, $width]);
        $slots = ['first' => $this->first->id, 'second' => $this->second->id];

        return match ($method->value) {
            self::STRIPS => $this->fromStripSets($room, $width, $sewn),
            self::SQUARES => new Making($method, [
                Piece::square('first-square', $this->first->id, $width, new Batch(each: 5)),
                Piece::square('second-square', $this->second->id, $width, new Batch(each: 4)),
            ], [
                new Step(StepKind::Sew, 'nine_patch.squares.sew', ['seam' => $room->allowance()], $slots, on: SeamPairs::inRows(3, 3)),
                new Step(StepKind::Press, 'nine_patch.squares.press', slots: ['dark' => $this->darker()], on: SeamPairs::inRows(3, 3)),
                ...$this->join($sewn),
            ], sewn: [$sewn, $sewn]),
            default => throw new Refused('unit.not_made_by', ['method' => $method->value]),
        };
    }

    /** Two kinds of set: first-second-first gives two segments of every unit, second-first-second gives one. */
    private function fromStripSets(CuttingRoom $room, Measurement $width, Measurement $sewn): Making
    {
        $segments = $room->usableWidth->minus($room->squaring)->countOf($width->exact);
        if ($segments < 1) {
            throw new Refused('unit.no_segment');
        }
        [$first, $second] = [$this->first->id, $this->second->id];
        $slots = ['first' => $first, 'second' => $second];
        $rows = SeamPairs::inRows(3, 3);
        $both = On::pieces('outer', 'inner');

        return new Making(new Method(self::STRIPS), [
            Piece::strip('outer-first', $first, $width, new Batch($segments, 2, 2, 'outer')),
            Piece::strip('outer-second', $second, $width, new Batch($segments, 2, 1, 'outer')),
            Piece::strip('inner-second', $second, $width, new Batch($segments, 1, 2, 'inner')),
            Piece::strip('inner-first', $first, $width, new Batch($segments, 1, 1, 'inner')),
            Piece::segment('outer', [$first, $second, $first], $width, $sewn, new Batch(perUnit: 2)),
            Piece::segment('inner', [$second, $first, $second], $width, $sewn),
        ], [
            new Step(StepKind::Sew, 'nine_patch.strips.sew', ['seam' => $room->allowance()], $slots, on: $rows),
            new Step(StepKind::Press, 'nine_patch.strips.press', slots: ['dark' => $this->darker()], on: $rows),
            new Step(StepKind::Check, 'four_patch.strips.check', ['sewn' => $sewn], on: $both),
            new Step(StepKind::Cut, 'four_patch.strips.cut', ['segment' => $width], counts: ['segments' => $segments], on: $both),
            ...$this->join($sewn),
        ], sewn: [$sewn, $sewn]);
    }

    private function darker(): string
    {
        return $this->first->value->isDarkerThan($this->second->value) ? $this->first->id : $this->second->id;
    }

    /** @return list<Step> */
    private function join(Measurement $sewn): array
    {
        $last = SeamPairs::betweenRows(3, 3);

        return [
            new Step(StepKind::Sew, 'nine_patch.join', slots: ['first' => $this->first->id], on: $last),
            new Step(StepKind::Press, 'nine_patch.press_rows', on: $last),
            new Step(StepKind::Trim, 'four_patch.trim', ['unfinished' => $sewn], on: [On::whole()]),
        ];
    }
}
