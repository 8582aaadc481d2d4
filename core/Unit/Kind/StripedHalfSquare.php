<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\IroningBoard;
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
use Dew\Core\Unit\Lay;
use Dew\Core\Unit\Lines;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\PressedByKind;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * A half-square triangle whose first triangle, at the top left, is cut from a strip set with its strips along the top edge.
 *
 * A square of the set is cut corner to corner and gives two different triangles: this one, and its twin with the strips in the other order.
 * The strip at the sharp tip is cut wider by s√2, so that the square is as large as a triangle's leg, F + s(2 + √2).
 */
final readonly class StripedHalfSquare implements LibraryUnit, PressedByKind
{
    use Patchwork;

    public const KIND = 'striped-hst';

    public const SETS = 'striped-hst:sets';

    public const HALVES = 'striped-hst:halves';

    /**
     * @param  non-empty-list<Length>  $widths  of the strips as they are seen, from the top edge to the tip, together the side
     * @param  non-empty-list<Slot>  $slots  the plain triangle's, then the strips'
     * @param  bool  $isTwin  its striped triangles are the halves that another unit's squares leave over: nothing is cut for them
     *
     * @throws InvalidArgumentException when strips, fabrics and side do not agree
     */
    public function __construct(
        private Length $side,
        private array $widths,
        private array $slots,
        private bool $isTwin = false,
    ) {
        $sum = Length::sum($widths);
        if (count($slots) !== count($widths) + 1) {
            throw new Refused('unit.striped_fabrics', ['strips' => count($widths), 'needed' => count($widths) + 1, 'count' => count($slots)]);
        }
        if (! $sum->equals($side)) {
            throw new Refused('unit.strips_wide', ['sum' => $sum->toDecimal(3), 'width' => $side->toDecimal(3)]);
        }
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [2, 9], [self::SETS], options: ['widths', 'hand', 'twin'], isCareful: true, besides: [self::HALVES]);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        $unit = new self($spec->finished->width, $spec->widths(), $spec->slots());

        return $spec->options->twin ? $unit->otherHalf($spec->options->seam ?? CuttingRoom::usual()->seam) : $unit;
    }

    public static function example(string $kind, Size $size, int $fabrics): UnitOptions
    {
        return UnitOptions::unequal($size->height, $fabrics - 1);
    }

    public static function usual(string $kind, Size $size, array $fabrics): array
    {
        return UnitOptions::equal($size->height, count($fabrics) - 1);
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
        return $this->slots;
    }

    public function patches(): array
    {
        $zero = $from = Length::zero();
        $patches = [];
        foreach ($this->widths as $index => $width) {
            $to = $from->plus($width);
            $corners = [new Point($zero, $from), new Point($this->side->minus($from), $from)];
            if ($to->isLessThan($this->side)) {
                $corners[] = new Point($this->side->minus($to), $to);
            }
            $patches[] = new Patch($this->slots[$index + 1]->id, new Outline(...[...$corners, new Point($zero, $to)]));
            $from = $to;
        }
        $corner = new Point($this->side, $this->side);

        return [
            ...$patches,
            new Patch($this->slots[0]->id, new Outline(new Point($this->side, $zero), $corner, new Point($zero, $this->side))),
        ];
    }

    /**
     * What the other half of the square shows, from its straight edge to its tip: the strips in the other order, moved by s√2 because both
     * halves lose a seam allowance at the diagonal cut. A strip at the tip that is narrower than that is lost in the seam, and what it
     * lacks comes off the next one.
     *
     * @return array{non-empty-list<Length>, non-empty-list<Slot>} widths, together the side, and the fabrics of those strips
     */
    private function twin(Length $seam): array
    {
        $shift = $seam->timesRoot2();
        $widths = array_reverse($this->widths);
        $slots = array_reverse(array_slice($this->slots, 1));
        $widths[0] = $widths[0]->plus($shift);
        $lacking = $shift;
        for ($last = count($widths) - 1; $last > 0 && ! $widths[$last]->isGreaterThan($lacking); $last--) {
            $lacking = $lacking->minus($widths[$last]);
        }
        $seen = [...array_slice($widths, 0, $last), $widths[$last]->minus($lacking)];
        $fabrics = array_slice($slots, 0, $last + 1);

        return [$seen, $fabrics === [] ? [$this->slots[0]] : $fabrics];
    }

    /** The squares of the strip set give another triangle for each that is used: a unit of those. */
    public function byproduct(Method $method, CuttingRoom $room): ?Unit
    {
        return $this->isTwin || ! $method->is(self::SETS) ? null : $this->otherHalf($room->seam);
    }

    public function isMadeOfByproducts(): bool
    {
        return $this->isTwin;
    }

    /** A unit of those other halves, its strips in the other order. */
    public function otherHalf(Length $seam): self
    {
        [$widths, $slots] = $this->twin($seam);

        return new self($this->side, $widths, [$this->slots[0], ...$slots], true);
    }

    /** @throws InvalidArgumentException when not one square fits across the cloth */
    public function making(Method $method, CuttingRoom $room): Making
    {
        if ($this->isTwin && $method->is(self::SETS)) {
            return $this->fromHalves($room);
        }
        if (! $method->is(self::SETS)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $leg = SquareCut::half($this->side, $room->seam);
        $cut = Measurement::up($leg);
        $lines = new Lines(cut: [SquareCut::rising($leg)]);
        $square = new Piece('square', PieceShape::SetSquare, $this->stripIds(), $cut, $cut, lines: $lines, lay: new Lay(chiral: true));
        $perSet = $square->perSet($room->usableWidth, $room->squaring);
        if ($perSet < 1) {
            throw new Refused('unit.no_square_of_a_set');
        }
        $strips = [];
        $last = count($this->widths) - 1;
        $batch = new Batch($perSet, segment: 'square');
        foreach ($this->widths as $index => $width) {
            $strip = $room->unfinished($width);
            // The strip at the tip is cut wider, so that the set is as wide as a triangle's leg.
            $wide = Measurement::up($strip->exact->plus($room->seam->timesRoot2()));
            $strips[] = Piece::strip('strip-'.($index + 1), $this->slots[$index + 1]->id, $index === $last ? $wide : $strip, $batch);
        }
        $rows = SeamPairs::inARow(count($this->widths));
        $set = [On::piece('square')];
        $diagonal = [On::cutLine('square', 0), On::cutLine('plain', 0)];
        $slots = ['first' => $this->slots[1]->id, 'plain' => $this->slots[0]->id];

        return new Making($method, [
            ...$strips,
            $square,
            Piece::square('plain', $this->slots[0]->id, $cut, new Batch(2), $lines),
        ], [
            ...($rows === [] ? [] : [
                new Step(StepKind::Sew, 'striped_hst.sew', ['seam' => $room->allowance()], on: $rows),
                new Step(StepKind::Press, 'rail.strips.press', on: $rows),
            ]),
            new Step(StepKind::Check, 'striped_hst.check', ['sewn' => $cut], on: $set),
            new Step(StepKind::Cut, 'striped_hst.cut', ['segment' => $square->width], counts: ['segments' => $perSet], on: $set),
            new Step(StepKind::Cut, 'striped_hst.cut_diagonal', slots: $slots, on: $diagonal),
            ...$this->finish($room, $cut),
        ]);
    }

    /** Out of the bag come the halves left over from the squares of a strip set; only the plain triangles are cut. */
    private function fromHalves(CuttingRoom $room): Making
    {
        $leg = SquareCut::half($this->side, $room->seam);
        $cut = Measurement::up($leg);
        $zero = Length::zero();
        $half = new Lay(new Outline(new Point($zero, $zero), new Point($leg, $zero), new Point($zero, $leg)), chiral: true);

        return new Making(new Method(self::HALVES), [
            Piece::square('plain', $this->slots[0]->id, $cut, new Batch(2), new Lines(cut: [SquareCut::rising($leg)])),
            Piece::part('half', $this->stripIds(), $cut, $cut, lay: $half),
        ], [
            new Step(StepKind::Layer, 'striped_hst.halves', slots: ['first' => $this->slots[1]->id], on: [On::piece('half')]),
            new Step(StepKind::Cut, 'striped_hst.cut_plain', slots: ['plain' => $this->slots[0]->id], on: [On::cutLine('plain', 0)]),
            ...$this->finish($room, $cut),
        ]);
    }

    public function pressedToward(): array
    {
        return [];
    }

    /**
     * The strip set that the squares are cut from, as wide as a triangle's leg. This unit's triangles and their twins share it; its seams
     * count from the strip at this one's tip, which is the first of the twin's.
     */
    public function board(CuttingRoom $room): ?IroningBoard
    {
        $last = count($this->widths) - 1;
        if ($last < 1) {
            return null;
        }
        [$zero, $top, $shift] = [Length::zero(), Length::zero(), $room->seam->timesRoot2()];
        $patches = $seams = [];
        foreach ($this->widths as $index => $width) {
            // The strip at the tip is wider; the twin shows all of that one, and less of its own last.
            $width = $index === $last ? $width->plus($shift) : $width;
            $patches[] = new Patch($this->slots[$index + 1]->id, Outline::rectangle($zero, $top, new Size($this->side->plus($shift), $width)));
            $top = $top->plus($width);
            if ($index < $last) {
                $seams[] = $this->isTwin ? [$index, $index + 1, $index, $index + 1, $index] : [$last - 1 - $index, $index, $index + 1, $index, $index + 1];
            }
        }

        return new IroningBoard($patches, $seams, ($this->isTwin ? $this : $this->otherHalf($room->seam))->digest($room));
    }

    /** @return non-empty-list<string> */
    private function stripIds(): array
    {
        $ids = array_map(fn (Slot $slot): string => $slot->id, array_slice($this->slots, 1));

        return $ids === [] ? [$this->slots[0]->id] : $ids;
    }

    /** @return list<Step> */
    private function finish(CuttingRoom $room, Measurement $cut): array
    {
        $unfinished = $room->unfinished($this->side);
        $plain = count($this->widths);
        $seams = array_map(fn (int $strip): On => On::seam($strip, $plain), array_keys($this->widths));
        $before = Measurement::resulting($unfinished->exact, [[Length::inches(1), $cut]], Rounding::None);

        return [
            new Step(StepKind::Sew, 'hst.triangles.sew', ['seam' => $room->allowance()], sewing: Sewing::Leader, on: $seams),
            new Step(StepKind::Press, 'hst.press_same', slots: ['dark' => $this->slots[0]->id], on: [...$seams, On::toward($plain)]),
            new Step(StepKind::Trim, 'hst.trim', ['unfinished' => $unfinished, 'before' => $before], on: [On::whole(), ...$seams]),
        ];
    }
}
