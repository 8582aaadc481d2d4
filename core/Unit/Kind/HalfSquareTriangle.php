<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\Sewing;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * A square of two right triangles: the first fabric at the top left, the second at the bottom right.
 *
 * A cut triangle is the finished one with every edge moved outward by the seam allowance s, so its legs are F + s(2 + √2).
 */
final readonly class HalfSquareTriangle implements Unit
{
    public function __construct(
        private Length $side,
        private Slot $first,
        private Slot $second,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitKind::HalfSquareTriangle;
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
        $topLeft = new Point(Length::zero(), Length::zero());
        $topRight = new Point($this->side, Length::zero());
        $bottomLeft = new Point(Length::zero(), $this->side);
        $bottomRight = new Point($this->side, $this->side);

        return [
            new Patch($this->first->id, new Outline($topLeft, $topRight, $bottomLeft)),
            new Patch($this->second->id, new Outline($topRight, $bottomRight, $bottomLeft)),
        ];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        return match ($method) {
            Method::HstTwo => $this->twoAtATime($room->seam),
            Method::HstFour => $this->fourAtATime($room->seam),
            Method::HstEight => $this->eightAtATime($room->seam),
            Method::HstTriangles => $this->cutTriangles($room->seam),
            Method::HstStrip => $this->fromStrips($room),
            Method::HstGrid => $this->onGrid($room),
            default => throw new InvalidArgumentException(sprintf('A half-square triangle is not made by "%s".', $method->value)),
        };
    }

    /** A pair of squares of the leg, sewn s either side of one diagonal, cut on it. */
    private function twoAtATime(Length $seam): Making
    {
        $square = SquareCut::half($this->side, $seam);

        return $this->fromPairsOfSquares(Method::HstTwo, 2, $square, 0, SquareCut::besideRising($square, $seam), [SquareCut::rising($square)], [
            new Step(StepKind::Mark, 'hst.two.mark', slots: ['light' => $this->lighter()->id]),
            $this->layer(),
            new Step(StepKind::Sew, 'hst.two.sew', ['seam' => Measurement::setting($seam)]),
            new Step(StepKind::Cut, 'hst.two.cut'),
        ], $seam);
    }

    /**
     * A pair of squares of twice the exact leg, sewn s either side of both diagonals and cut into eight: rounding the doubled exact leg,
     * not doubling the rounded one.
     */
    private function eightAtATime(Length $seam): Making
    {
        $square = SquareCut::half($this->side, $seam)->times(2);
        $half = $square->dividedBy(2);
        $cuts = [
            SquareCut::rising($square),
            SquareCut::falling($square),
            new Outline(new Point($half, Length::zero()), new Point($half, $square)),
            new Outline(new Point(Length::zero(), $half), new Point($square, $half)),
        ];

        return $this->fromPairsOfSquares(Method::HstEight, 8, $square, 0, [...SquareCut::besideRising($square, $seam), ...SquareCut::besideFalling($square, $seam)], $cuts, [
            new Step(StepKind::Mark, 'hst.eight.mark', slots: ['light' => $this->lighter()->id]),
            $this->layer(),
            new Step(StepKind::Sew, 'hst.eight.sew', ['seam' => Measurement::setting($seam)]),
            new Step(StepKind::Cut, 'hst.eight.cut'),
        ], $seam);
    }

    /** A pair of squares sewn all round and cut on both diagonals: the unit is (S − 2s)/√2 wide, so S = U√2 + 2s. Every edge is bias. */
    private function fourAtATime(Length $seam): Making
    {
        $square = $this->unfinished($seam)->timesRoot2()->plus($seam->times(2));
        $inner = $square->minus($seam);
        $sew = [
            new Outline(new Point(Length::zero(), $seam), new Point($square, $seam)),
            new Outline(new Point(Length::zero(), $inner), new Point($square, $inner)),
            new Outline(new Point($seam, Length::zero()), new Point($seam, $square)),
            new Outline(new Point($inner, Length::zero()), new Point($inner, $square)),
        ];
        $cuts = [
            SquareCut::rising($square),
            SquareCut::falling($square),
        ];

        return $this->fromPairsOfSquares(Method::HstFour, 4, $square, 4, $sew, $cuts, [
            $this->layer(),
            new Step(StepKind::Sew, 'hst.four.sew', ['seam' => Measurement::setting($seam)]),
            new Step(StepKind::Cut, 'hst.four.cut'),
        ], $seam);
    }

    private function cutTriangles(Length $seam): Making
    {
        $square = SquareCut::half($this->side, $seam);

        return $this->fromPairsOfSquares(Method::HstTriangles, 2, $square, 0, [], [SquareCut::rising($square)], [
            new Step(StepKind::Cut, 'hst.triangles.cut'),
            new Step(StepKind::Layer, 'hst.triangles.layer', slots: ['light' => $this->lighter()->id, 'dark' => $this->darker()->id]),
            new Step(StepKind::Sew, 'hst.triangles.sew', ['seam' => Measurement::setting($seam)], sewing: Sewing::Leader),
        ], $seam);
    }

    /**
     * Two strips of the unfinished width laid right sides together and cut with a triangle ruler, tips blunted: a flipped pair takes
     * F + s(2 + 2√2) of strip, a last single one F + s(2 + √2).
     */
    private function fromStrips(CuttingRoom $room): Making
    {
        $seam = $room->seam;
        $unfinished = $this->unfinished($seam);
        $one = SquareCut::half($this->side, $seam);
        $pair = SquareCut::quarter($this->side, $seam);
        $tip = $one->minus($unfinished);
        $zero = Length::zero();
        $outline = new Outline(new Point($zero, $zero), new Point($one, $zero), new Point($tip, $unfinished), new Point($zero, $unfinished));
        $piece = fn (string $id, Slot $slot): Piece => new Piece(
            $id, PieceShape::Triangle, [$slot->id], Measurement::exact($unfinished), Measurement::exact($one), outline: $outline, advance: Measurement::exact($pair), group: 2, givenGrain: Grain::ShortEdges,
        );

        return Making::of(Method::HstStrip, [$piece('first', $this->first), $piece('second', $this->second)], [
            new Step(StepKind::Layer, 'hst.strip.layer', ['strip' => Measurement::exact($unfinished)], ['light' => $this->lighter()->id, 'dark' => $this->darker()->id]),
            new Step(StepKind::Cut, 'hst.strip.cut', ['unfinished' => Measurement::exact($unfinished)]),
            new Step(StepKind::Sew, 'hst.triangles.sew', ['seam' => Measurement::setting($seam)]),
            ...$this->finish($seam),
        ], $room);
    }

    /** Rectangles of two by three cells under a printed paper grid: each cell is a square of the exact leg and gives two units. */
    private function onGrid(CuttingRoom $room): Making
    {
        $cell = SquareCut::half($this->side, $room->seam);
        [$sew, $cuts] = SquareCut::grid($cell, $room->seam);
        [$across, $down] = [$cell->times(3), $cell->times(2)];
        $piece = fn (string $id, Slot $slot): Piece => new Piece($id, PieceShape::Rectangle, [$slot->id], Measurement::up($down), Measurement::up($across), 12, sewLines: $sew, cutLines: $cuts);

        return Making::of(Method::HstGrid, [$piece('first', $this->first), $piece('second', $this->second)], [
            new Step(StepKind::Layer, 'hst.grid.layer', slots: ['light' => $this->lighter()->id, 'dark' => $this->darker()->id]),
            new Step(StepKind::Sew, 'hst.grid.sew', ['seam' => Measurement::setting($room->seam)]),
            new Step(StepKind::Cut, 'hst.grid.cut'),
            ...$this->finish($room->seam),
        ], $room);
    }

    /** @return list<Step> */
    private function finish(Length $seam): array
    {
        return [
            $this->first->value === $this->second->value
                ? new Step(StepKind::Press, 'hst.press_same', slots: ['dark' => $this->second->id])
                : new Step(StepKind::Press, 'hst.press', slots: ['dark' => $this->darker()->id]),
            new Step(StepKind::Trim, 'hst.trim', ['unfinished' => Measurement::exact($this->unfinished($seam))]),
        ];
    }

    /**
     * @param  positive-int  $yield
     * @param  list<Outline>  $sewLines
     * @param  list<Outline>  $cutLines
     * @param  list<Step>  $steps  up to the loose unit
     */
    private function fromPairsOfSquares(Method $method, int $yield, Length $square, int $biasEdges, array $sewLines, array $cutLines, array $steps, Length $seam): Making
    {
        $cut = Measurement::up($square);

        return new Making(
            method: $method,
            pieces: [
                new Piece('first', PieceShape::Square, [$this->first->id], $cut, $cut, $yield, sewLines: $sewLines, cutLines: $cutLines),
                new Piece('second', PieceShape::Square, [$this->second->id], $cut, $cut, $yield, sewLines: $sewLines, cutLines: $cutLines),
            ],
            steps: [
                ...$steps,
                ...$this->finish($seam),
            ],
            biasEdges: $biasEdges,
            clothPerUnit: 2 * Size::square($square)->area() / $yield,
        );
    }

    private function layer(): Step
    {
        return new Step(StepKind::Layer, 'hst.layer', slots: ['light' => $this->lighter()->id, 'dark' => $this->darker()->id]);
    }

    private function unfinished(Length $seam): Length
    {
        return $this->side->plus($seam->times(2));
    }

    private function lighter(): Slot
    {
        return $this->first->value->isDarkerThan($this->second->value) ? $this->second : $this->first;
    }

    private function darker(): Slot
    {
        return $this->lighter() === $this->first ? $this->second : $this->first;
    }
}
