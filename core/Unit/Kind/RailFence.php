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
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/** Equal bars side by side across a square: a strip set cut into squares, or single bars. */
final readonly class RailFence implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'rail';

    public const STRIPS = 'rail:strips';

    public const BARS = 'rail:bars';

    /** @param  non-empty-list<Slot>  $slots  from left to right */
    public function __construct(
        private Length $side,
        private array $slots,
    ) {
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [2, 8], [self::STRIPS, self::BARS]);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return new self($spec->finished->width, $spec->slots());
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
        $bar = $room->unfinished($this->side->dividedBy(count($this->slots)));
        $length = $room->unfinished($this->side);
        $sewn = Measurement::sewn($length->exact, array_fill(0, count($this->slots), $bar));
        $seams = SeamPairs::inARow(count($this->slots));
        $seam = ['seam' => $room->allowance()];
        if ($method->is(self::BARS)) {
            $pieces = $this->bars(fn (int $index, string $slot): Piece => Piece::rectangle("bar-$index", $slot, $bar, $length));

            return new Making($method, $pieces, [
                new Step(StepKind::Sew, 'rail.bars.sew', $seam, on: $seams),
                new Step(StepKind::Press, 'rail.strips.press', on: $seams),
                new Step(StepKind::Trim, 'strip_grid.trim', ['width' => $sewn, 'unfinished' => $length], on: [On::whole()]),
            ], sewn: [$sewn, $length]);
        }
        if (! $method->is(self::STRIPS)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $segments = $room->usableWidth->minus($room->squaring)->countOf($length->exact);
        if ($segments < 1) {
            throw new Refused('unit.no_segment');
        }
        $ids = array_map(fn (Slot $slot): string => $slot->id, $this->slots);
        $batch = new Batch(max(1, $segments), segment: 'segment');
        $strips = $this->bars(fn (int $index, string $slot): Piece => Piece::strip("strip-$index", $slot, $bar, $batch));

        return new Making($method, [...$strips, Piece::segment('segment', $ids, $length, $sewn)], [
            new Step(StepKind::Sew, 'rail.strips.sew', $seam, on: $seams),
            new Step(StepKind::Press, 'rail.strips.press', on: $seams),
            new Step(StepKind::Check, 'four_patch.strips.check', ['sewn' => $sewn], on: [On::piece('segment')]),
            new Step(
                StepKind::Cut,
                'four_patch.strips.cut',
                ['segment' => $length],
                counts: ['segments' => $segments],
                on: [On::piece('segment')],
            ),
        ], sewn: [$sewn, $length]);
    }

    /**
     * @param  callable(int, string): Piece  $make
     * @return non-empty-list<Piece>
     */
    private function bars(callable $make): array
    {
        $pieces = [];
        foreach ($this->slots as $index => $slot) {
            $pieces[] = $make($index + 1, $slot->id);
        }

        return $pieces;
    }
}
