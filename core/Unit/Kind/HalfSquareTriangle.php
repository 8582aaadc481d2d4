<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\On;
use Dew\Core\Making\Sewing;
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
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;

/**
 * A square of two right triangles: the first fabric at the top left, the second at the bottom right.
 *
 * A cut triangle is the finished one with every edge moved outward by the seam allowance s, so its legs are F + s(2 + √2).
 */
final readonly class HalfSquareTriangle implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'hst';

    public const TWO = 'hst:two';

    public const FOUR = 'hst:four';

    public const EIGHT = 'hst:eight';

    public const TRIANGLES = 'hst:triangles';

    public const STRIP = 'hst:strip';

    public const GRID = 'hst:grid';

    public function __construct(
        private Length $side,
        private Slot $first,
        private Slot $second,
    ) {
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind(
            $kind, [2, 2], [self::TWO, self::EIGHT, self::FOUR, self::TRIANGLES, self::STRIP, self::GRID], trimsDown: true,
            trimsWithSquare: true, slanted: [self::TRIANGLES], across: [self::EIGHT => 2, self::GRID => 3], acrossDiagonal: [self::FOUR],
        );
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
        return match ($method->value) {
            self::TWO => $this->twoAtATime($room),
            self::FOUR => $this->fourAtATime($room),
            self::EIGHT => $this->eightAtATime($room),
            self::TRIANGLES => $this->cutTriangles($room),
            self::STRIP => $this->fromStrips($room),
            self::GRID => $this->onGrid($room),
            default => throw new Refused('unit.not_made_by', ['method' => $method->value]),
        };
    }

    /** A pair of squares of the leg, sewn s either side of one diagonal, cut on it. */
    private function twoAtATime(CuttingRoom $room): Making
    {
        $square = SquareCut::half($this->side, $room->seam);
        $lines = new Lines(SquareCut::besideRising($square, $room->seam), [SquareCut::rising($square)]);
        $marked = $this->lighterPiece();

        return $this->fromPairsOfSquares(new Method(self::TWO), 2, $square, Length::inches(1), $lines, [
            new Step(
                StepKind::Mark,
                'hst.two.mark',
                slots: ['light' => $this->lighter()->id],
                on: [On::piece($marked), On::cutLine($marked, 0)],
            ),
            $this->layer('hst.layer'),
            new Step(StepKind::Sew, 'hst.two.sew', ['seam' => $room->allowance()], on: [...On::sewLines($marked, 2), On::seam(0, 1)]),
            new Step(StepKind::Cut, 'hst.two.cut', on: [On::cutLine($marked, 0)]),
        ], $room);
    }

    /**
     * A pair of squares of twice the exact leg, sewn s either side of both diagonals and cut into eight: rounding the doubled exact leg,
     * not doubling the rounded one.
     */
    private function eightAtATime(CuttingRoom $room): Making
    {
        $square = SquareCut::half($this->side, $room->seam)->times(2);
        $half = $square->dividedBy(2);
        $zero = Length::zero();
        $lines = new Lines([...SquareCut::besideRising($square, $room->seam), ...SquareCut::besideFalling($square, $room->seam)], [
            SquareCut::rising($square),
            SquareCut::falling($square),
            new Outline(new Point($half, $zero), new Point($half, $square)),
            new Outline(new Point($zero, $half), new Point($square, $half)),
        ]);
        $marked = $this->lighterPiece();
        $diagonals = On::cutLines($marked, 2);

        return $this->fromPairsOfSquares(new Method(self::EIGHT), 8, $square, Length::fraction(1, 2), $lines, [
            new Step(StepKind::Mark, 'hst.eight.mark', slots: ['light' => $this->lighter()->id], on: [On::piece($marked), ...$diagonals]),
            $this->layer('hst.layer'),
            new Step(StepKind::Sew, 'hst.eight.sew', ['seam' => $room->allowance()], on: [...On::sewLines($marked, 4), On::seam(0, 1)]),
            new Step(StepKind::Cut, 'hst.eight.cut', on: [On::cutLine($marked, 2), On::cutLine($marked, 3), ...$diagonals]),
        ], $room);
    }

    /** A pair of squares sewn all round and cut on both diagonals: the unit is (S − 2s)/√2 wide, so S = U√2 + 2s. Every edge is bias. */
    private function fourAtATime(CuttingRoom $room): Making
    {
        $seam = $room->seam;
        $square = $room->unfinished($this->side)->exact->timesRoot2()->plus($seam->times(2));
        $inner = $square->minus($seam);
        $zero = Length::zero();
        $lines = new Lines([
            new Outline(new Point($zero, $seam), new Point($square, $seam)),
            new Outline(new Point($zero, $inner), new Point($square, $inner)),
            new Outline(new Point($seam, $zero), new Point($seam, $square)),
            new Outline(new Point($inner, $zero), new Point($inner, $square)),
        ], [SquareCut::rising($square), SquareCut::falling($square)]);
        $top = $this->lighterPiece();

        return $this->fromPairsOfSquares(new Method(self::FOUR), 4, $square, Length::root2(1, 2), $lines, [
            $this->layer('hst.four.layer'),
            new Step(StepKind::Sew, 'hst.four.sew', ['seam' => $room->allowance()], on: [...On::sewLines($top, 4), On::seam(0, 1)]),
            new Step(StepKind::Cut, 'hst.four.cut', on: On::cutLines($top, 2)),
        ], $room, 4);
    }

    private function cutTriangles(CuttingRoom $room): Making
    {
        $square = SquareCut::half($this->side, $room->seam);

        return $this->fromPairsOfSquares(new Method(self::TRIANGLES), 2, $square, Length::inches(1), new Lines(
            cut: [SquareCut::rising($square)],
        ), [
            new Step(StepKind::Cut, 'hst.triangles.cut', on: [On::cutLine('first', 0), On::cutLine('second', 0)]),
            $this->layer('hst.triangles.layer'),
            new Step(StepKind::Sew, 'hst.triangles.sew', ['seam' => $room->allowance()], sewing: Sewing::Leader, on: [On::seam(0, 1)]),
        ], $room);
    }

    /** Two strips of the unfinished width laid right sides together and cut with a triangle ruler, tips blunted. */
    private function fromStrips(CuttingRoom $room): Making
    {
        $unfinished = $room->unfinished($this->side);
        $slots = ['light' => $this->lighter()->id, 'dark' => $this->darker()->id];
        $both = On::pieces('first', 'second');

        return new Making(new Method(self::STRIP), [
            TriangleStrip::shortAcross('first', $this->first->id, $this->side, $room, exact: true),
            TriangleStrip::shortAcross('second', $this->second->id, $this->side, $room, exact: true),
        ], [
            new Step(StepKind::Layer, 'hst.strip.layer', ['strip' => $unfinished], $slots, on: $both),
            new Step(StepKind::Cut, 'hst.strip.cut', ['unfinished' => $unfinished], on: $both),
            new Step(StepKind::Sew, 'hst.triangles.sew', ['seam' => $room->allowance()], on: [On::seam(0, 1)]),
            $this->press(),
            new Step(StepKind::Trim, 'hst.trim', ['unfinished' => $unfinished], on: [On::whole(), On::seam(0, 1)]),
        ]);
    }

    /** Rectangles of two by three cells under a printed paper grid: each cell is a square of the exact leg and gives two units. */
    private function onGrid(CuttingRoom $room): Making
    {
        $cell = SquareCut::half($this->side, $room->seam);
        $lines = new Lines(...SquareCut::grid($cell, $room->seam));
        [$across, $down] = [Measurement::up($cell->times(3)), Measurement::up($cell->times(2))];
        $batch = new Batch(SquareCut::GRID_UNITS);
        $piece = fn (string $id, Slot $slot): Piece => new Piece($id, PieceShape::Rectangle, [$slot->id], $down, $across, $batch, $lines);
        $top = $this->lighterPiece();
        $slots = ['light' => $this->lighter()->id, 'dark' => $this->darker()->id];
        $sewn = [...On::sewLines($top, count($lines->sew)), On::seam(0, 1)];

        return new Making(new Method(self::GRID), [$piece('first', $this->first), $piece('second', $this->second)], [
            new Step(StepKind::Layer, 'hst.grid.layer', slots: $slots, on: On::pieces('first', 'second')),
            new Step(StepKind::Sew, 'hst.grid.sew', ['seam' => $room->allowance()], on: $sewn),
            new Step(StepKind::Cut, 'hst.grid.cut', on: On::cutLines($top, count($lines->cut))),
            $this->press(),
            new Step(StepKind::Trim, 'hst.trim', ['unfinished' => $room->unfinished($this->side)], on: [On::whole(), On::seam(0, 1)]),
        ]);
    }

    private function press(): Step
    {
        $on = [On::seam(0, 1), On::toward($this->darker() === $this->first ? 0 : 1)];

        return $this->first->value === $this->second->value
            ? new Step(StepKind::Press, 'hst.press_same', slots: ['dark' => $this->second->id], on: [On::seam(0, 1), On::toward(1)])
            : new Step(StepKind::Press, 'hst.press', slots: ['dark' => $this->darker()->id], on: $on);
    }

    /**
     * @param  positive-int  $yield
     * @param  Length  $share  by how much the unit is larger before trimming for each inch by which the square is
     * @param  list<Step>  $steps  up to the loose unit
     */
    private function fromPairsOfSquares(
        Method $method, int $yield, Length $square, Length $share, Lines $lines, array $steps, CuttingRoom $room, int $biasEdges = 0,
    ): Making {
        $cut = Measurement::up($square);
        $unfinished = $room->unfinished($this->side);
        $measures = ['unfinished' => $unfinished, 'before' => Measurement::resulting($unfinished->exact, [[$share, $cut]], Rounding::None)];

        return new Making($method, [
            Piece::square('first', $this->first->id, $cut, new Batch($yield), $lines),
            Piece::square('second', $this->second->id, $cut, new Batch($yield), $lines),
        ], [
            ...$steps,
            $this->press(),
            new Step(StepKind::Trim, 'hst.trim', $measures, on: [On::whole(), On::seam(0, 1)]),
        ], $biasEdges);
    }

    private function layer(string $code): Step
    {
        $slots = ['light' => $this->lighter()->id, 'dark' => $this->darker()->id];
        $top = $this->lighterPiece();

        return new Step(StepKind::Layer, $code, slots: $slots, on: On::pieces($top, $top === 'first' ? 'second' : 'first'));
    }

    private function lighterPiece(): string
    {
        return $this->lighter() === $this->first ? 'first' : 'second';
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
