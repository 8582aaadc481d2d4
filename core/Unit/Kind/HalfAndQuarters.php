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
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Lines;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;

/**
 * One half triangle at the bottom right, two quarter triangles at the top and the left.
 *
 * The order of the quarters makes it left or right: they are cut as triangles, so that every unit turns the same way.
 */
final readonly class HalfAndQuarters implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'half-and-quarters';

    public const TRIANGLES = 'half-and-quarters:triangles';

    public const STRIP = 'half-and-quarters:strip';

    public function __construct(
        private Length $side,
        private Slot $half,
        private Slot $top,
        private Slot $left,
    ) {
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [3, 3], [self::TRIANGLES, self::STRIP], slanted: [self::TRIANGLES]);
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
        return [$this->half, $this->top, $this->left];
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $half = $this->side->dividedBy(2);
        $topLeft = new Point($zero, $zero);
        $topRight = new Point($this->side, $zero);
        $bottomLeft = new Point($zero, $this->side);
        $middle = new Point($half, $half);

        return [
            new Patch($this->half->id, new Outline($topRight, new Point($this->side, $this->side), $bottomLeft)),
            new Patch($this->top->id, new Outline($topLeft, $topRight, $middle)),
            new Patch($this->left->id, new Outline($topLeft, $middle, $bottomLeft)),
        ];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        $slots = ['half' => $this->half->id, 'top' => $this->top->id, 'left' => $this->left->id];
        if ($method->is(self::STRIP)) {
            $half = TriangleStrip::shortAcross('half', $this->half->id, $this->side, $room);
            $top = TriangleStrip::longOnEdge('top', $this->top->id, $this->side, $room);
            $left = TriangleStrip::longOnEdge('left', $this->left->id, $this->side, $room);
            $strips = ['strip' => $half->width, 'narrow' => $top->width];

            return new Making($method, [$half, $top, $left], [
                new Step(StepKind::Cut, 'half_and_quarters.strip', $strips, $slots, on: On::pieces('half', 'top', 'left')),
                ...$this->sew($room, $slots),
            ]);
        }
        if (! $method->is(self::TRIANGLES)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $halfSquare = SquareCut::half($this->side, $room->seam);
        $quarterSquare = SquareCut::quarter($this->side, $room->seam);
        $quarterCut = Measurement::up($quarterSquare);
        $twice = new Lines(cut: [SquareCut::rising($quarterSquare), SquareCut::falling($quarterSquare)]);
        $once = new Lines(cut: [SquareCut::rising($halfSquare)]);
        $cuts = [On::cutLine('half', 0), ...On::cutLines('top', 2), ...On::cutLines('left', 2)];

        return new Making($method, [
            Piece::square('half', $this->half->id, Measurement::up($halfSquare), new Batch(2), $once),
            Piece::square('top', $this->top->id, $quarterCut, new Batch(4), $twice),
            Piece::square('left', $this->left->id, $quarterCut, new Batch(4), $twice),
        ], [
            new Step(StepKind::Cut, 'half_and_quarters.cut', slots: $slots, on: $cuts),
            ...$this->sew($room, $slots),
        ]);
    }

    /**
     * @param  array<string, string>  $slots
     * @return list<Step>
     */
    private function sew(CuttingRoom $room, array $slots): array
    {
        $seam = ['seam' => $room->allowance()];
        $long = On::seams([[0, 1], [0, 2]]);

        return [
            new Step(StepKind::Layer, 'half_and_quarters.layer', slots: $slots, on: On::pieces('top', 'left')),
            new Step(StepKind::Sew, 'half_and_quarters.sew', $seam, $slots, on: [On::seam(1, 2)]),
            new Step(StepKind::Press, 'half_and_quarters.press_pair', on: [On::seam(1, 2)]),
            new Step(StepKind::Sew, 'half_and_quarters.join', $seam, $slots, on: $long),
            new Step(StepKind::Press, 'half_and_quarters.press', slots: $slots, on: [...$long, On::toward(0)]),
            new Step(
                StepKind::Trim,
                'half_and_quarters.trim',
                ['unfinished' => $room->unfinished($this->side)],
                on: [On::whole(), ...$long],
            ),
        ];
    }
}
