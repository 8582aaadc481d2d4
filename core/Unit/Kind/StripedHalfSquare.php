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
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * A half-square triangle whose first triangle, at the top left, is cut from a strip set with its strips along the top edge.
 *
 * A square of the set is cut corner to corner and gives two different triangles: this one, and its twin with the strips in the other order.
 * The strip at the sharp tip is cut wider by s√2, so that the square is as large as a triangle's leg, F + s(2 + √2).
 */
final readonly class StripedHalfSquare implements Unit
{
    /**
     * @param  non-empty-list<Length>  $widths  of the strips as they are seen, from the top edge to the tip, together the side
     * @param  non-empty-list<Slot>  $slots  the plain triangle's, then the strips'
     * @param  bool  $isTwin  its striped triangles are the halves that another unit's squares leave over: nothing is cut for them
     *
     * @throws InvalidArgumentException when strips, fabrics and side do not agree
     */
    public function __construct(
        private Length $side,
        public array $widths,
        private array $slots,
        public bool $isTwin = false,
    ) {
        $sum = Length::sum($widths);
        if (count($slots) !== count($widths) + 1) {
            throw new InvalidArgumentException(sprintf('A plain triangle and %d strips take %d fabrics, not %d.', count($widths), count($widths) + 1, count($slots)));
        }
        if (! $sum->equals($side)) {
            throw new InvalidArgumentException(sprintf('The strips finish %s wide together and the unit %s.', $sum->toDecimal(3), $side->toDecimal(3)));
        }
    }

    public function kind(): UnitKind
    {
        return UnitKind::StripedHst;
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

        return [...$patches, new Patch($this->slots[0]->id, new Outline(new Point($this->side, $zero), $corner, new Point($zero, $this->side)))];
    }

    /**
     * What the other half of the square shows, from its straight edge to its tip.
     *
     * @return non-empty-list<Length>
     */
    public function twin(Length $seam): array
    {
        $tip = $seam->timesRoot2();
        $widths = array_reverse($this->widths);
        $widths[0] = $widths[0]->plus($tip);
        $last = count($widths) - 1;
        $widths[$last] = $widths[$last]->minus($tip);

        return $widths;
    }

    /** A unit of those other halves, its strips in the other order. */
    public function otherHalf(Length $seam): self
    {
        return new self($this->side, $this->twin($seam), [$this->slots[0], ...array_reverse(array_slice($this->slots, 1))], true);
    }

    /** @throws InvalidArgumentException when not one square fits across the cloth */
    public function making(Method $method, CuttingRoom $room): Making
    {
        if ($this->isTwin && $method === Method::StripedHstSets) {
            return $this->fromHalves($room);
        }
        if ($method !== Method::StripedHstSets) {
            throw new InvalidArgumentException(sprintf('A striped triangle square is not made by "%s".', $method->value));
        }
        $both = $room->seam->times(2);
        $leg = SquareCut::half($this->side, $room->seam);
        $sets = array_map(fn (Slot $slot): string => $slot->id, array_slice($this->slots, 1));
        $square = new Piece('square', PieceShape::SetSquare, $sets === [] ? [$this->slots[0]->id] : $sets, Measurement::up($leg), Measurement::up($leg), cutLines: [SquareCut::rising($leg)], chiral: true);
        $perSet = $square->perSet($room->usableWidth, $room->squaring);
        if ($perSet < 1) {
            throw new InvalidArgumentException('No square of this size can be cut from a strip set across the cloth.');
        }
        $strips = [];
        $last = count($this->widths) - 1;
        foreach ($this->widths as $index => $width) {
            $cut = $width->plus($both);
            $strips[] = new Piece('strip-'.($index + 1), PieceShape::Strip, [$this->slots[$index + 1]->id], $index === $last ? Measurement::up($cut->plus($room->seam->timesRoot2())) : Measurement::exact($cut), null, $perSet, segment: 'square');
        }
        $plain = Measurement::up($leg);

        return Making::of($method, [
            ...$strips,
            $square,
            new Piece('plain', PieceShape::Square, [$this->slots[0]->id], $plain, $plain, 2, cutLines: [SquareCut::rising($leg)]),
        ], [
            new Step(StepKind::Sew, 'striped_hst.sew', ['seam' => Measurement::setting($room->seam)]),
            new Step(StepKind::Press, 'rail.strips.press'),
            new Step(StepKind::Check, 'striped_hst.check', ['sewn' => Measurement::up($leg)]),
            new Step(StepKind::Cut, 'striped_hst.cut', ['segment' => $square->width], counts: ['segments' => $perSet]),
            new Step(StepKind::Cut, 'striped_hst.cut_diagonal', slots: ['first' => $this->slots[1]->id, 'plain' => $this->slots[0]->id]),
            ...$this->finish($room),
        ], $room);
    }

    /** Out of the bag come the halves left over from the squares of a strip set; only the plain triangles are cut. */
    private function fromHalves(CuttingRoom $room): Making
    {
        $leg = SquareCut::half($this->side, $room->seam);
        $cut = Measurement::up($leg);
        $strips = array_map(fn (Slot $slot): string => $slot->id, array_slice($this->slots, 1));
        $outline = new Outline(new Point(Length::zero(), Length::zero()), new Point($leg, Length::zero()), new Point(Length::zero(), $leg));

        return Making::of(Method::StripedHstHalves, [
            new Piece('plain', PieceShape::Square, [$this->slots[0]->id], $cut, $cut, 2, cutLines: [SquareCut::rising($leg)]),
            new Piece('half', PieceShape::Part, $strips === [] ? [$this->slots[0]->id] : $strips, $cut, $cut, outline: $outline, chiral: true),
        ], [
            new Step(StepKind::Layer, 'striped_hst.halves', slots: ['first' => $this->slots[1]->id]),
            ...$this->finish($room),
        ], $room);
    }

    /** @return list<Step> */
    private function finish(CuttingRoom $room): array
    {
        return [
            new Step(StepKind::Sew, 'hst.triangles.sew', ['seam' => Measurement::setting($room->seam)], sewing: Sewing::Leader),
            new Step(StepKind::Press, 'hst.press_same', slots: ['dark' => $this->slots[0]->id]),
            new Step(StepKind::Trim, 'hst.trim', ['unfinished' => Measurement::exact($this->side->plus($room->seam->times(2)))]),
        ];
    }
}
