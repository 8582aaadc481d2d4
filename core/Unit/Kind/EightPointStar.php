<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\Sewing;
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
 * Eight 45° diamonds round a centre, squares in the corners and quarter triangles at the sides, all set in.
 *
 * Of diamonds of side a the star measures a(2 + √2), so a = F(2 − √2)/2. Corner squares finish a, side triangles a√2 on their long edge.
 */
final readonly class EightPointStar implements Unit
{
    public function __construct(
        private Length $finished,
        private Slot $first,
        private Slot $second,
        private Slot $ground,
    ) {
    }

    /** By its diamonds' side. */
    public static function ofDiamonds(Length $side, Slot $first, Slot $second, Slot $ground): self
    {
        return new self($side->times(2)->plus($side->timesRoot2()), $first, $second, $ground);
    }

    public function kind(): UnitKind
    {
        return UnitKind::EightPointStar;
    }

    public function finished(): Size
    {
        return Size::square($this->finished);
    }

    public function slots(): array
    {
        return [$this->first, $this->second, $this->ground];
    }

    public function patches(): array
    {
        [$zero, $side, $middle, $all] = [Length::zero(), $this->side(), $this->finished->dividedBy(2), $this->finished];
        $deep = $side->timesRoot2()->dividedBy(2);
        $at = fn (Length $x, Length $y): Point => new Point($x, $y);
        $centre = $at($middle, $middle);
        $within = Size::square($all);
        $corner = new Patch($this->ground->id, Outline::rectangle($zero, $zero, Size::square($side)));
        $triangle = new Patch($this->ground->id, new Outline($at($side, $zero), $at($all->minus($side), $zero), $at($middle, $deep)));
        $left = new Patch($this->first->id, new Outline($at($side, $zero), $at($middle, $deep), $centre, $at($side, $side)));
        $right = new Patch($this->second->id, new Outline($at($all->minus($side), $zero), $at($all->minus($side), $side), $centre, $at($middle, $deep)));
        $patches = [];
        foreach ([0, 90, 180, 270] as $turn) {
            foreach ([$left, $right, $triangle, $corner] as $patch) {
                $patches[] = $patch->oriented(Orientation::of($turn), $within);
            }
        }

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if ($method !== Method::StarSetIn) {
            throw new InvalidArgumentException(sprintf('An eight-pointed star is not made by "%s".', $method->value));
        }
        $seam = $room->seam;
        $both = $seam->times(2);
        $side = $this->side();
        $square = Measurement::exact($side->plus($both));
        $triangle = SquareCut::quarter($side->timesRoot2(), $seam);
        $sewing = ['seam' => Measurement::setting($seam)];
        $slots = ['first' => $this->first->id, 'second' => $this->second->id, 'ground' => $this->ground->id];
        // From the raw tip, which stands s·cot 22.5° = s(1 + √2) beyond the finished one, to the mark at the other end.
        $edge = Measurement::exact($side->plus($seam)->plus($seam->timesRoot2()));

        return Making::of($method, [
            SlantedUnit::diamond45($side, $this->first)->piece('first', $room, 4),
            SlantedUnit::diamond45($side, $this->second)->piece('second', $room, 4),
            new Piece('corner', PieceShape::Square, [$this->ground->id], $square, $square, each: 4),
            new Piece('side', PieceShape::Square, [$this->ground->id], Measurement::up($triangle), Measurement::up($triangle), 4, 4, cutLines: [SquareCut::rising($triangle), SquareCut::falling($triangle)]),
        ], [
            new Step(StepKind::Cut, 'star.cut', ['strip' => Measurement::exact($side->timesRoot2()->dividedBy(2)->plus($both))], $slots),
            new Step(StepKind::Mark, 'star.mark', $sewing),
            new Step(StepKind::Sew, 'star.pairs', $sewing, $slots, sewing: Sewing::StopAndSecure),
            new Step(StepKind::Check, 'star.check', ['edge' => $edge], $slots),
            new Step(StepKind::Sew, 'star.halves', slots: $slots, sewing: Sewing::StopAndSecure),
            new Step(StepKind::Sew, 'star.set_in', slots: $slots, sewing: Sewing::SetIn),
            new Step(StepKind::Press, 'star.press'),
            new Step(StepKind::Trim, 'star.trim', ['unfinished' => Measurement::exact($this->finished->plus($both)), 'seam' => Measurement::setting($seam)]),
        ], $room);
    }

    /** a = F(2 − √2)/2 */
    private function side(): Length
    {
        return $this->finished->minus($this->finished->timesRoot2()->dividedBy(2));
    }
}
