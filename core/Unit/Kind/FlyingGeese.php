<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
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
 * A goose pointing up between two skies, twice as wide as high.
 *
 * The goose is a quarter triangle of the width, the skies half triangles of the height.
 */
final readonly class FlyingGeese implements Unit
{
    public function __construct(
        private Length $height,
        private Slot $goose,
        private Slot $sky,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitKind::Geese;
    }

    public function finished(): Size
    {
        return new Size($this->height->times(2), $this->height);
    }

    public function slots(): array
    {
        return [$this->goose, $this->sky];
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $width = $this->height->times(2);
        $peak = new Point($this->height, $zero);
        $left = new Point($zero, $this->height);
        $right = new Point($width, $this->height);

        return [
            new Patch($this->goose->id, new Outline($peak, $right, $left)),
            new Patch($this->sky->id, new Outline(new Point($zero, $zero), $peak, $left)),
            new Patch($this->sky->id, new Outline($peak, new Point($width, $zero), $right)),
        ];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        $seam = $room->seam;
        $large = SquareCut::quarter($this->height->times(2), $seam);
        $small = SquareCut::half($this->height, $seam);
        $largeCut = Measurement::up($large);
        $smallCut = Measurement::up($small);
        $unfinished = $this->finished()->outsetBy($seam);
        $slots = ['goose' => $this->goose->id, 'sky' => $this->sky->id];
        $sewing = ['seam' => Measurement::setting($seam)];
        $trim = new Step(StepKind::Trim, 'geese.trim', ['width' => Measurement::exact($unfinished->width), 'unfinished' => Measurement::exact($unfinished->height), 'seam' => Measurement::setting($seam)]);

        return match ($method) {
            Method::GeeseNoWaste => Making::of($method, [
                new Piece('goose', PieceShape::Square, [$this->goose->id], $largeCut, $largeCut, 4),
                new Piece('sky', PieceShape::Square, [$this->sky->id], $smallCut, $smallCut, 4, each: 4, sewLines: SquareCut::besideRising($small, $seam), cutLines: [SquareCut::rising($small)]),
            ], [
                new Step(StepKind::Mark, 'geese.no_waste.mark', slots: $slots),
                new Step(StepKind::Layer, 'geese.no_waste.layer', slots: $slots),
                new Step(StepKind::Sew, 'geese.no_waste.sew', $sewing),
                new Step(StepKind::Cut, 'geese.no_waste.cut', slots: $slots),
                new Step(StepKind::Sew, 'geese.no_waste.sew_again', $sewing, $slots),
                new Step(StepKind::Press, 'geese.press', slots: $slots),
                $trim,
            ], $room),
            Method::GeeseFlip => Making::of($method, [
                new Piece('goose', PieceShape::Rectangle, [$this->goose->id], Measurement::exact($unfinished->height), Measurement::exact($unfinished->width)),
                new Piece('sky', PieceShape::Square, [$this->sky->id], Measurement::exact($unfinished->height), Measurement::exact($unfinished->height), each: 2, sewLines: [SquareCut::rising($unfinished->height)]),
            ], [
                new Step(StepKind::Mark, 'geese.flip.mark', slots: $slots),
                new Step(StepKind::Sew, 'geese.flip.sew', slots: $slots),
                new Step(StepKind::Check, 'geese.flip.check'),
                new Step(StepKind::Cut, 'geese.flip.cut', $sewing),
                new Step(StepKind::Press, 'geese.press', slots: $slots),
                $trim,
            ], $room),
            Method::GeeseTriangles => Making::of($method, [
                new Piece('goose', PieceShape::Square, [$this->goose->id], $largeCut, $largeCut, 4, cutLines: [SquareCut::rising($large), SquareCut::falling($large)]),
                new Piece('sky', PieceShape::Square, [$this->sky->id], $smallCut, $smallCut, 2, 2, cutLines: [SquareCut::rising($small)]),
            ], [
                new Step(StepKind::Cut, 'geese.triangles.cut', slots: $slots),
                new Step(StepKind::Sew, 'geese.triangles.sew', $sewing, $slots),
                new Step(StepKind::Press, 'geese.press', slots: $slots),
                $trim,
            ], $room),
            default => throw new InvalidArgumentException(sprintf('Flying geese are not made by "%s".', $method->value)),
        };
    }
}
