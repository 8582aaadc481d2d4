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
 * A square or rectangle with one to four sewn-and-flipped corners, of equal or unequal finished legs.
 *
 * A corner of finished leg c is a square of c + 2s laid on the base; the base keeps its size. All are cut exactly: nothing trims them.
 */
final readonly class FlippedCorners implements Unit
{
    /** @param  non-empty-list<Corner>  $corners at most one at each place, not overlapping */
    public function __construct(
        private Size $finished,
        private Slot $base,
        private array $corners,
    ) {
        $legs = [];
        foreach ($corners as $corner) {
            if (isset($legs[$corner->place->value])) {
                throw new InvalidArgumentException(sprintf('The %s corner is given twice.', $corner->place->value));
            }
            $legs[$corner->place->value] = $corner->leg;
        }
        $leg = fn (CornerPlace $place): Length => $legs[$place->value] ?? Length::zero();
        foreach (CornerPlace::cases() as $place) {
            $side = $place->isBeforeWidth() ? $finished->width : $finished->height;
            $across = $place->isBeforeWidth() ? $finished->height : $finished->width;
            if ($leg($place)->plus($leg($place->next()))->isGreaterThan($side) || $leg($place)->isGreaterThan($across)) {
                throw new InvalidArgumentException(sprintf('The corners at %s and %s do not fit beside each other.', $place->value, $place->next()->value));
            }
        }
    }

    public function kind(): UnitKind
    {
        return UnitKind::Corners;
    }

    public function finished(): Size
    {
        return $this->finished;
    }

    public function slots(): array
    {
        return [$this->base, ...array_map(fn (Corner $corner): Slot => $corner->slot, $this->corners)];
    }

    public function patches(): array
    {
        $legs = [];
        $patches = [];
        foreach ($this->corners as $corner) {
            $legs[$corner->place->value] = $corner->leg;
            [$before, $at, $after] = $this->around($corner->place, $corner->leg);
            $patches[] = new Patch($corner->slot->id, new Outline($before, $at, $after));
        }
        $outline = [];
        foreach (CornerPlace::cases() as $place) {
            [$before, $at, $after] = $this->around($place, $legs[$place->value] ?? Length::zero());
            array_push($outline, ...(isset($legs[$place->value]) ? [$before, $after] : [$at]));
        }

        return [new Patch($this->base->id, new Outline(...$outline)), ...$patches];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if ($method !== Method::CornersFlip) {
            throw new InvalidArgumentException(sprintf('Sewn-and-flipped corners are not made by "%s".', $method->value));
        }
        $cut = $this->finished->outsetBy($room->seam);
        $pieces = [new Piece('base', $cut->isSquare() ? PieceShape::Square : PieceShape::Rectangle, [$this->base->id], Measurement::exact($cut->height), Measurement::exact($cut->width))];
        // Squares of one size and fabric are one pile, whichever corner they go to.
        $piles = [];
        foreach ($this->corners as $corner) {
            $piles[$corner->slot->id.' '.$corner->leg->encode()][] = $corner;
        }
        foreach ($piles as $corners) {
            $square = $corners[0]->leg->plus($room->seam->times(2));
            $pieces[] = new Piece(
                'corner-'.$corners[0]->place->value, PieceShape::Square, [$corners[0]->slot->id], Measurement::exact($square), Measurement::exact($square),
                each: count($corners), sewLines: [SquareCut::rising($square)],
            );
        }

        return Making::of($method, $pieces, [
            new Step(StepKind::Mark, 'corners.mark', slots: ['corner' => $this->corners[0]->slot->id]),
            new Step(StepKind::Sew, 'corners.sew', slots: ['base' => $this->base->id]),
            new Step(StepKind::Check, 'corners.check'),
            new Step(StepKind::Cut, 'corners.cut', ['seam' => Measurement::setting($room->seam)]),
            new Step(StepKind::Press, 'corners.press'),
            new Step(StepKind::Check, 'corners.measure', ['width' => Measurement::exact($cut->width), 'height' => Measurement::exact($cut->height)]),
        ], $room);
    }

    /** @return array{Point, Point, Point} the corner and the points a leg before and after it, clockwise */
    private function around(CornerPlace $place, Length $leg): array
    {
        $zero = Length::zero();
        [$width, $height] = [$this->finished->width, $this->finished->height];

        return match ($place) {
            CornerPlace::TopLeft => [new Point($zero, $leg), new Point($zero, $zero), new Point($leg, $zero)],
            CornerPlace::TopRight => [new Point($width->minus($leg), $zero), new Point($width, $zero), new Point($width, $leg)],
            CornerPlace::BottomRight => [new Point($width, $height->minus($leg)), new Point($width, $height), new Point($width->minus($leg), $height)],
            CornerPlace::BottomLeft => [new Point($leg, $height), new Point($zero, $height), new Point($zero, $height->minus($leg))],
        };
    }
}
