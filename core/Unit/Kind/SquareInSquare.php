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
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;

/**
 * A square standing on its corner inside another.
 *
 * The centre's side is F/√2 + 2s. Cut d too large it would push each point d/√2 over the edge, so it is cut at the nearest mark that is not
 * over; where that is below, the corners are cut as much larger.
 */
final readonly class SquareInSquare implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'square-in-square';

    public const TRIANGLES = 'square-in-square:triangles';

    public const FLIP = 'square-in-square:flip';

    /** Patches 1 to 4 lie at the top left, top right, bottom right and bottom left of the centre, patch 0. */
    private const FIRST = [[0, 1], [0, 3]];

    private const SECOND = [[0, 2], [0, 4]];

    public function __construct(
        private Length $side,
        private Slot $centre,
        private Slot $corner,
    ) {
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [2, 2], [self::TRIANGLES, self::FLIP], slanted: [self::TRIANGLES]);
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
        return [$this->centre, $this->corner];
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $half = $this->side->dividedBy(2);
        $top = new Point($half, $zero);
        $right = new Point($this->side, $half);
        $bottom = new Point($half, $this->side);
        $left = new Point($zero, $half);
        $corner = $this->corner->id;

        return [
            new Patch($this->centre->id, new Outline($top, $right, $bottom, $left)),
            new Patch($corner, new Outline(new Point($zero, $zero), $top, $left)),
            new Patch($corner, new Outline($top, new Point($this->side, $zero), $right)),
            new Patch($corner, new Outline($right, new Point($this->side, $this->side), $bottom)),
            new Patch($corner, new Outline($left, $bottom, new Point($zero, $this->side))),
        ];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        return match ($method->value) {
            self::TRIANGLES => $this->fromTriangles($room),
            self::FLIP => $this->flipped($room),
            default => throw new Refused('unit.not_made_by', ['method' => $method->value]),
        };
    }

    /** What a centre cut too small takes from the corners is added to them: see {@see cornersAround()}. */
    private function fromTriangles(CuttingRoom $room): Making
    {
        $centre = Measurement::notOver($this->side->timesRoot2()->dividedBy(2)->plus($room->seam->times(2)));
        $corner = self::cornersAround($centre, $this->side, $room);
        $slots = ['centre' => $this->centre->id, 'corner' => $this->corner->id];
        [$first, $second] = [On::seams(self::FIRST), On::seams(self::SECOND)];
        $unfinished = $room->unfinished($this->side);
        $root = Length::root2(1, 2);
        $before = Measurement::resulting($unfinished->exact, [[$root, $centre], [Length::inches(1), $corner]], Rounding::None);
        $trim = ['unfinished' => $unfinished, 'beyond' => self::beyondPoints($room, $centre), 'before' => $before];

        return new Making(new Method(self::TRIANGLES), [
            Piece::square('centre', $this->centre->id, $centre),
            Piece::square('corner', $this->corner->id, $corner, new Batch(2, 4), new Lines(cut: [SquareCut::rising($corner->exact)])),
        ], [
            new Step(StepKind::Cut, 'square_in_square.triangles.cut', slots: $slots, on: [On::cutLine('corner', 0)]),
            new Step(StepKind::Sew, 'square_in_square.triangles.sew', ['seam' => $room->allowance()], $slots, on: $first),
            new Step(StepKind::Press, 'square_in_square.press', slots: $slots, on: [...$first, On::toward(1), On::toward(3)]),
            new Step(StepKind::Sew, 'square_in_square.triangles.sew_again', on: $second),
            new Step(StepKind::Press, 'square_in_square.press', slots: $slots, on: [...$second, On::toward(2), On::toward(4)]),
            new Step(StepKind::Trim, 'square_in_square.trim', $trim, on: [On::whole()]),
        ]);
    }

    private function flipped(CuttingRoom $room): Making
    {
        $base = $room->unfinished($this->side);
        $cut = $room->unfinished($this->side->dividedBy(2));
        $slots = ['centre' => $this->centre->id, 'corner' => $this->corner->id];
        $steps = [new Step(StepKind::Mark, 'corners.mark', slots: $slots, on: [On::piece('corner'), On::sewLine('corner', 0)])];
        foreach ([self::FIRST, self::SECOND] as $round => $pairs) {
            $seams = On::seams($pairs);
            $places = $round === 0 ? ['top-left', 'bottom-right'] : ['top-right', 'bottom-left'];
            array_push(
                $steps,
                new Step(StepKind::Sew, 'square_in_square.flip.sew', slots: $slots, on: [
                    ...On::pieces('corner', 'centre'), On::sewLine('corner', 0), ...array_map(On::corner(...), $places), ...$seams,
                ]),
                new Step(StepKind::Check, 'corners.check', on: [On::piece('corner')]),
                new Step(StepKind::Cut, 'corners.cut', ['seam' => $room->allowance()], on: $seams),
                new Step(StepKind::Press, 'square_in_square.press', slots: $slots, on: $seams),
            );
        }
        $trim = ['unfinished' => $base, 'beyond' => Measurement::exact($room->seam)];
        $lines = new Lines([SquareCut::rising($cut->exact)]);

        return new Making(new Method(self::FLIP), [
            Piece::square('centre', $this->centre->id, $base),
            Piece::square('corner', $this->corner->id, $cut, new Batch(each: 4), $lines),
        ], [...$steps, new Step(StepKind::Trim, 'square_in_square.trim', $trim, on: [On::whole()])], sewn: [$base, $base]);
    }

    /**
     * The squares for the triangles round a centre of a given cut size, in a unit of finished side F.
     *
     * From the middle of the unit to its corner it measures (c − 2s)/2 of the centre and L/√2 − s of the triangle, so a centre that is d
     * too small wants legs L longer by d/√2.
     */
    public static function cornersAround(Measurement $centre, Length $finished, CuttingRoom $room): Measurement
    {
        return Measurement::resulting(
            SquareCut::half($finished->dividedBy(2), $room->seam),
            [[Length::root2(-1, 2), $centre]],
            Rounding::Up,
        );
    }

    /**
     * What lies beyond each point of a centre cut by a ruler once the unit is trimmed: s less half of what the centre's diagonal is too
     * long.
     */
    public static function beyondPoints(CuttingRoom $room, Measurement $centre): Measurement
    {
        return Measurement::resulting($room->seam, [[Length::root2(-1, 2), $centre]]);
    }
}
