<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Arc;
use Dew\Core\Geometry\CutShape;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Rounding;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Lay;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Template;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * A quarter of a circle in the top left corner of a square: the first fabric inside the curve, the second outside.
 *
 * Both cut curves have their centre at the finished corner, s inside the raw edges: the inner piece is cut to r + s, the outer to r − s.
 */
final readonly class QuarterCircle implements LibraryUnit
{
    use Patchwork;

    public const KIND = 'quarter-circle';

    public const TEMPLATES = 'quarter-circle:templates';

    public const SWAP = 'quarter-circle:swap';

    /**
     * @param  Length  $radius  at most the side of the square; when it is the side, the curve runs into the corners, where later seams meet
     *     it
     *
     * @throws InvalidArgumentException when the circle does not fit its square
     */
    public function __construct(
        private Length $side,
        private Length $radius,
        private Slot $inner,
        private Slot $outer,
    ) {
        if ($radius->isGreaterThan($side)) {
            throw new Refused('unit.radius_too_large');
        }
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [2, 2], [self::TEMPLATES, self::SWAP], options: ['radius'], isCareful: true);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return new self(
            $spec->finished->width, $spec->options->radius ?? throw $spec->missing('radius'), $spec->slots[0], $spec->slots[1],
        );
    }

    public static function example(string $kind, Size $size, int $fabrics): UnitOptions
    {
        return new UnitOptions(radius: $size->height->times(3, 4));
    }

    public static function usual(string $kind, Size $size, array $fabrics): array
    {
        return ['radius' => LengthText::of($size->height->times(3, 4))];
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
        return [$this->inner, $this->outer];
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $right = new Point($this->radius, $zero);
        $bottom = new Point($zero, $this->radius);
        $corners = [new Point($this->side, $zero), new Point($this->side, $this->side), new Point($zero, $this->side)];
        // A curve that runs into the corners begins and ends at them.
        $around = $this->radius->equals($this->side) ? $corners : [$right, ...$corners, $bottom];

        return [
            new Patch($this->inner->id, new Outline(new Point($zero, $zero), $right, new Arc($this->radius, true), $bottom)),
            new Patch($this->outer->id, new Outline(...[...$around, new Arc($this->radius, false)])),
        ];
    }

    public function cutArea(CuttingRoom $room): float
    {
        $this->refuseTightCurve($room);

        return CutShape::of($this->patches()[0]->outline, $room->seam)->area() + $this->outerCut($room)->area();
    }

    /** Cut together and swapped, each pair of squares gives one unit and one the other way round. */
    public function byproduct(Method $method, CuttingRoom $room): ?Unit
    {
        return $method->is(self::SWAP) ? new self($this->side, $this->radius, $this->outer, $this->inner) : null;
    }

    /** @throws InvalidArgumentException when the curve is too tight for the seam */
    private function refuseTightCurve(CuttingRoom $room): void
    {
        if ($this->radius->isLessThan($room->seam->times(2))) {
            throw new Refused('unit.radius_too_small');
        }
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        $this->refuseTightCurve($room);

        return match ($method->value) {
            self::TEMPLATES => $this->fromTemplates($room),
            self::SWAP => $this->swapped($room),
            default => throw new Refused('unit.not_made_by', ['method' => $method->value]),
        };
    }

    private function fromTemplates(CuttingRoom $room): Making
    {
        $cut = [
            'inner' => Measurement::exact($this->radius->plus($room->seam)),
            'outer' => Measurement::exact($this->radius->minus($room->seam)),
            'deep' => Measurement::setting(Length::fraction(...Notch::DEPTH)),
        ];
        [$inside, $outside] = [$this->patches()[0]->outline, $this->patches()[1]->outline];
        $cutInside = CutShape::of($inside, $room->seam);
        $lay = $cutInside->strip();
        $inner = $cutInside->laid($lay)->toOutline();
        $unfinished = $room->unfinished($this->side);
        $seam = $room->seam->toFloat();

        return new Making(new Method(self::TEMPLATES), [
            $this->template(
                'inner', $this->inner, $room->unfinished($this->radius), $inner,
                new Template([Notch::line(self::middle($cut['inner']->exact, -1), $lay)], null, CutShape::of($inside, Length::zero())->laid($lay)->toOutline()),
            ),
            $this->template(
                'outer', $this->outer, $unfinished, $this->outerCut($room),
                new Template([Notch::line(self::middle($cut['outer']->exact, 1), [0.0, $seam, $seam])], null, $outside->movedBy($room->seam, $room->seam)),
            ),
        ], [
            new Step(StepKind::Cut, 'quarter_circle.templates.cut', $cut, on: On::pieces('inner', 'outer')),
            ...$this->sew($room, 'quarter_circle.templates.pin'),
            new Step(StepKind::Trim, 'quarter_circle.trim', ['unfinished' => $unfinished], on: [On::whole()]),
        ]);
    }

    /** Two squares cut along one curve and swapped lose 2s, and an eighth more is wanted to trim off centre. */
    private function swapped(CuttingRoom $room): Making
    {
        $twice = $room->seam->times(2);
        $unfinished = $room->unfinished($this->side);
        $square = Measurement::up($unfinished->exact->plus($twice)->plus(Length::fraction(1, 8)));
        $both = On::pieces('inner', 'outer');
        $before = Measurement::resulting($square->exact->minus($twice), [[Length::inches(1), $square]], Rounding::None);
        $trim = ['unfinished' => $unfinished, 'meets' => Measurement::exact($this->radius->plus($room->seam)), 'before' => $before];
        $slots = ['inner' => $this->inner->id, 'outer' => $this->outer->id];

        return new Making(new Method(self::SWAP), [
            Piece::square('inner', $this->inner->id, $square),
            Piece::square('outer', $this->outer->id, $square),
        ], [
            new Step(StepKind::Cut, 'quarter_circle.swap.cut', ['radius' => Measurement::exact($this->radius->plus($twice))], on: $both),
            new Step(StepKind::Layer, 'quarter_circle.swap.pair', slots: $slots, on: $both),
            ...$this->sew($room, 'quarter_circle.pin'),
            new Step(StepKind::Trim, 'quarter_circle.swap.trim', $trim, on: [On::whole()]),
        ]);
    }

    /** @return list<Step> */
    private function sew(CuttingRoom $room, string $pin): array
    {
        $slots = ['inner' => $this->inner->id, 'outer' => $this->outer->id];
        $curve = [On::seam(0, 1)];

        return [
            new Step(StepKind::Layer, $pin, slots: $slots, on: [...On::pieces('inner', 'outer'), On::edge(0, 1)]),
            new Step(StepKind::Sew, 'quarter_circle.sew', ['seam' => $room->allowance()], $slots, on: $curve),
            new Step(StepKind::Press, 'quarter_circle.press', slots: $slots, on: $curve),
        ];
    }

    private function template(string $id, Slot $slot, Measurement $box, Outline $outline, Template $template): Piece
    {
        return new Piece(
            $id, PieceShape::Template, [$slot->id], $box, $box, lay: new Lay($outline, grain: Grain::Drawn), template: $template,
        );
    }

    /**
     * Where the notch lies, in the middle of a curve about the finished corner.
     *
     * @param  Length  $radius  of the raw edge
     * @param  int  $way  1 when the piece lies outside the curve, −1 when it lies inside
     * @return array{float, float, float, float} a point of the raw edge and the direction into the piece
     */
    private static function middle(Length $radius, int $way): array
    {
        $share = $radius->toFloat() * M_SQRT1_2;

        return [$share, $share, $way * M_SQRT1_2, $way * M_SQRT1_2];
    }

    /**
     * The outer piece as it is cut: the square of F + 2s without a quarter circle of radius r − s about the finished corner, s inside the
     * raw edges. Its curve meets a raw edge √((r − s)² − s²) beyond the finished corner.
     */
    private function outerCut(CuttingRoom $room): Outline
    {
        $seam = $room->seam;
        $radius = $this->radius->minus($seam);
        $meets = Length::approximately(sqrt(max(0.0, $radius->toFloat() ** 2 - $seam->toFloat() ** 2)))->plus($seam);
        $side = $room->unfinished($this->side)->exact;
        $zero = Length::zero();

        return new Outline(
            new Point($meets, $zero), new Point($side, $zero), new Point($side, $side), new Point($zero, $side), new Point($zero, $meets),
            new Arc($radius, false),
        );
    }
}
