<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Rounding;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Lines;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\UnitKind;

/** A square in a square in a square: the centre straight, its first corners on point, the second corners outside. */
final readonly class Economy implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'economy';

    public const TRIANGLES = 'economy:triangles';

    public function __construct(
        private Length $side,
        private Slot $centre,
        private Slot $inner,
        private Slot $outer,
    ) {
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [3, 3], [self::TRIANGLES], slanted: [self::TRIANGLES]);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return new self($spec->finished->width, $spec->slots[0], $spec->slots[1], $spec->slots[2]);
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
        return [$this->centre, $this->inner, $this->outer];
    }

    public function patches(): array
    {
        [$zero, $quarter, $half] = [Length::zero(), $this->side->dividedBy(4), $this->side->dividedBy(2)];
        [$most, $all] = [$this->side->times(3, 4), $this->side];
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

    /**
     * The centre finishes F/2; its corners are half triangles of leg F/(2√2), those outside of leg F/2. Each round is made like a square in
     * a square.
     */
    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(self::TRIANGLES)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $onPoint = $this->side->timesRoot2()->dividedBy(2);
        $centre = $room->unfinished($this->side->dividedBy(2));
        $inner = SquareInSquare::cornersAround($centre, $onPoint, $room);
        // A middle trimmed too large would push its points over the edge.
        $middle = Measurement::notOver($onPoint->plus($room->seam->times(2)));
        $outer = SquareInSquare::cornersAround($middle, $this->side, $room);
        $unfinished = $room->unfinished($this->side);
        $slots = ['centre' => $this->centre->id, 'inner' => $this->inner->id, 'outer' => $this->outer->id];
        $root = Length::root2(1, 2);
        $one = Length::inches(1);
        // Beyond the corners of the centre lies s, half of what the middle was trimmed larger, less half of what the centre's diagonal is
        // too long.
        $beyondInner = Measurement::resulting($room->seam, [[Length::fraction(1, 2), $middle], [Length::root2(-1, 2), $centre]]);
        $innerTrim = [
            'unfinished' => $middle,
            'beyond' => $beyondInner,
            'before' => Measurement::resulting($middle->exact, [[$root, $centre], [$one, $inner]], Rounding::None),
        ];
        $outerTrim = [
            'unfinished' => $unfinished,
            'beyond' => SquareInSquare::beyondPoints($room, $middle),
            'before' => Measurement::resulting($unfinished->exact, [[$root, $middle], [$one, $outer]], Rounding::None),
        ];
        $first = On::seams([[0, 1], [0, 2], [0, 3], [0, 4]]);
        $second = On::seams([[1, 5], [2, 5], [2, 6], [3, 6], [3, 7], [4, 7], [4, 8], [1, 8]]);

        return new Making($method, [
            Piece::square('centre', $this->centre->id, $centre),
            Piece::square('inner', $this->inner->id, $inner, new Batch(2, 4), new Lines(cut: [SquareCut::rising($inner->exact)])),
            Piece::square('outer', $this->outer->id, $outer, new Batch(2, 4), new Lines(cut: [SquareCut::rising($outer->exact)])),
        ], [
            new Step(StepKind::Cut, 'economy.cut', slots: $slots, on: [On::cutLine('inner', 0), On::cutLine('outer', 0)]),
            new Step(StepKind::Sew, 'economy.sew', ['seam' => $room->allowance()], $slots, on: $first),
            new Step(StepKind::Press, 'economy.press', on: [...$first, ...array_map(On::toward(...), [1, 2, 3, 4])]),
            new Step(StepKind::Trim, 'economy.trim_inner', $innerTrim, on: $first),
            new Step(StepKind::Sew, 'economy.sew_again', slots: $slots, on: $second),
            new Step(StepKind::Press, 'economy.press', on: [...$second, ...array_map(On::toward(...), [5, 6, 7, 8])]),
            new Step(StepKind::Trim, 'square_in_square.trim', $outerTrim, on: [On::whole()]),
        ]);
    }
}
