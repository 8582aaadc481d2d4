<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Making\On;
use Dew\Core\Making\Operand;
use Dew\Core\Making\Sewing;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\UnitKind;

/**
 * Four half-square triangles turning about the middle: walking clockwise round it, each triangle of the first fabric comes before the one
 * of the second that it is sewn to.
 */
final readonly class Pinwheel implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'pinwheel';

    public const TWO = 'pinwheel:two';

    public const EIGHT = 'pinwheel:eight';

    public const TRIANGLES = 'pinwheel:triangles';

    public const STRIP = 'pinwheel:strip';

    public function __construct(
        private Length $side,
        private Slot $first,
        private Slot $second,
    ) {
    }

    public static function define(string $kind): UnitKind
    {
        $methods = [self::TWO, self::EIGHT, self::TRIANGLES, self::STRIP];

        return new UnitKind($kind, [2, 2], $methods, slanted: [self::TRIANGLES], across: [self::EIGHT => 2]);
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
        $quarter = Size::square($half);
        $zero = Length::zero();
        $patches = [];
        // A quarter's seam runs into the middle.
        foreach ([[90, $zero, $zero], [180, $half, $zero], [270, $half, $half], [0, $zero, $half]] as [$turn, $left, $top]) {
            foreach ($this->quarter()->patches() as $patch) {
                $patches[] = $patch->oriented(Orientation::of($turn), $quarter)->movedBy($left, $top);
            }
        }

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        $quarter = $this->quarter()->making(match ($method->value) {
            self::TWO => new Method(HalfSquareTriangle::TWO),
            self::EIGHT => new Method(HalfSquareTriangle::EIGHT),
            self::TRIANGLES => new Method(HalfSquareTriangle::TRIANGLES),
            self::STRIP => new Method(HalfSquareTriangle::STRIP),
            default => throw new Refused('unit.not_made_by', ['method' => $method->value]),
        }, $room);
        $patches = $this->patches();
        // Quarters are numbered clockwise from the top left, two patches to each: the upper two are sewn together, and the lower two.
        $row = fn (int $patch): bool => intdiv($patch, 4) === 0;
        $joins = fn (int $one, int $other): bool => intdiv($one, 2) !== intdiv($other, 2);
        $pairs = SeamPairs::of($patches, fn (int $one, int $other): bool => $joins($one, $other) && $row($one) === $row($other));
        $last = SeamPairs::of($patches, fn (int $one, int $other): bool => $joins($one, $other) && $row($one) !== $row($other));
        $trimmed = $room->unfinished($this->side->dividedBy(2));
        $sewn = Measurement::sewn($room->unfinished($this->side)->exact, [$trimmed, $trimmed]);
        $slots = ['first' => $this->first->id, 'second' => $this->second->id];
        $seam = ['seam' => $room->allowance()];

        return new Making($method, array_map(fn (Piece $piece): Piece => $piece->times(4), $quarter->pieces), [
            ...array_map($this->inEveryQuarter(...), $quarter->steps),
            new Step(StepKind::Layer, 'pinwheel.layer', slots: $slots, on: [...$pairs, ...$last]),
            new Step(StepKind::Sew, 'pinwheel.sew', $seam, sewing: Sewing::Unsecured, on: $pairs),
            new Step(StepKind::Press, 'pinwheel.press', on: $pairs),
            new Step(StepKind::Sew, 'pinwheel.join', $seam, on: $last),
            new Step(StepKind::Press, 'pinwheel.spin', on: $last),
            new Step(StepKind::Trim, 'four_patch.trim', ['unfinished' => $sewn], on: [On::whole()]),
        ], sewn: [$sewn, $sewn]);
    }

    /** A step of one quarter, done to all four: its only seam lies between patches 2q and 2q + 1. */
    private function inEveryQuarter(Step $step): Step
    {
        $on = [];
        foreach ($step->on as $operand) {
            foreach ([0, 2, 4, 6] as $patch) {
                $on[] = match ($operand->kind) {
                    Operand::Seam => On::seam($patch, $patch + 1),
                    Operand::Toward => On::toward($patch + $operand->first),
                    default => $operand,
                };
            }
        }
        $once = [];
        foreach ($on as $operand) {
            $once[$operand->encode()] = $operand;
        }

        return new Step($step->kind, $step->code, $step->measures, $step->slots, $step->counts, $step->sewing, array_values($once));
    }

    private function quarter(): HalfSquareTriangle
    {
        return new HalfSquareTriangle($this->side->dividedBy(2), $this->first, $this->second);
    }
}
