<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Sixty\OnSixtyAxes;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Sixty\SixtySpot;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Kind\PutTogether;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Seamwork;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\Workings;
use InvalidArgumentException;

/** A block on 60° axes as something that is made: its triangles and diamonds are cut for it, or come out of a bag. */
final class SixtyBlockUnit implements Composed, OnSixtyAxes
{
    use MadeOfParts, Patchwork {
        MadeOfParts::contents insteadof Patchwork;
        MadeOfParts::cutArea insteadof Patchwork;
        MadeOfParts::overhangs insteadof Patchwork;
    }

    /**
     * @param  array<string, Unit>  $products  at least what lies in it
     * @param  array<string, mixed>  $made  by the key of a product that has a task of its own: triangles and diamonds among them come out
     *     of a bag, others are cut
     */
    public function __construct(
        private readonly SixtyBlock $block,
        private readonly array $products,
        private readonly array $made = [],
    ) {
    }

    public function shape(): SixtyShape
    {
        return $this->block->shape;
    }

    public function finished(): Size
    {
        return $this->block->finished();
    }

    public function inWay(string $way): self
    {
        return new self($this->block->inWay($way), $this->products, $this->made);
    }

    public function outline(): Outline
    {
        return $this->block->outline();
    }

    /** @throws InvalidArgumentException when nothing lies in it, or it is asked for another method */
    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(PutTogether::BLOCK_ROWS)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $pieces = [];
        foreach ($this->block->contents() as $key => $count) {
            $product = $this->products[$key];
            $slots = array_map(fn (Slot $slot): string => $slot->id, $product->slots());
            if ($product->kind()->isCutOnly() && ! isset($this->made[$key])) {
                [$cut] = $product->making($product->kind()->methods()[0], $room)->pieces;
                $pieces[] = new Piece($key, $cut->shape, $cut->slots, $cut->width, $cut->length, new Batch(each: $count), lay: $cut->lay);
            } elseif ($slots !== []) {
                $size = $this->unfinished($key, $room);
                $pieces[] = Piece::part($key, $slots, Measurement::exact($size->height), Measurement::exact($size->width), $count);
            }
        }
        if ($pieces === []) {
            throw new Refused('block.empty');
        }
        if (count($this->block->parts) === 1) {
            return new Making($method, $pieces, [new Step(StepKind::Layer, 'block.sixty.one', on: [On::whole()])]);
        }

        return new Making($method, $pieces, $this->joining($room));
    }

    /** From raw edge to raw edge, along the base of a part and above it. */
    private function unfinished(string $key, CuttingRoom $room): Size
    {
        foreach ($this->block->parts as $part) {
            if ($part->product === $key) {
                return $part->spot->shape->unfinished($part->spot->shape->side($this->products[$key]->finished()), $room->seam);
            }
        }

        return $this->products[$key]->finished()->outsetBy($room->seam);
    }

    /** @return list<Step> in rows where everything keeps to one row; else in sections, smaller triangles and diamonds first */
    private function joining(CuttingRoom $room): array
    {
        $seam = ['seam' => $room->allowance()];
        [$within, $between] = $this->seams();
        $rows = $this->block->grid->rows;
        $layOut = new Step(StepKind::Layer, 'block.sixty.lay_out', counts: ['rows' => $rows], on: [On::whole()]);
        foreach ($this->block->parts as $part) {
            if ($part->spot->size > 1 || ($part->spot->shape === SixtyShape::Diamond && $part->spot->turn % 3 === 2)) {
                $all = [...$within, ...$between];

                return [
                    $layOut,
                    new Step(StepKind::Sew, 'block.sixty.sections', $seam, on: $all),
                    new Step(StepKind::Press, 'block.sixty.press', on: $all),
                ];
            }
        }
        $high = SixtyShape::Triangle->box($this->block->edge)->height->plus($room->seam->times(2));

        return [
            $layOut,
            ...$within === [] ? [] : [
                new Step(StepKind::Sew, 'block.sixty.rows', $seam, counts: ['rows' => $rows], on: $within),
                new Step(StepKind::Press, 'block.sixty.press', on: $within),
                new Step(StepKind::Check, 'block.sixty.row', ['unfinished' => Measurement::exact($high)], on: [On::whole()]),
            ],
            ...$between === [] ? [] : [
                new Step(StepKind::Sew, 'block.sixty.join', $seam, on: $between),
                new Step(StepKind::Press, 'block.press_joined', on: $between),
            ],
        ];
    }

    /**
     * Seams between parts, told by their numbers: those between two of one row, and the others.
     *
     * @return array{list<On>, list<On>}
     */
    private function seams(): array
    {
        $at = [];
        $grid = $this->block->grid;
        foreach ($this->block->parts as $number => $part) {
            foreach ($this->covered($part->spot) as [$row, $place]) {
                $at[$row][$place] = $number;
            }
        }
        $within = $between = [];
        foreach ($at as $row => $places) {
            foreach ($places as $place => $number) {
                $beside = $places[$place + 1] ?? $number;
                if ($beside !== $number) {
                    $within[min($number, $beside).' '.max($number, $beside)] ??= On::seam(min($number, $beside), max($number, $beside));
                }
                $below = $grid->below($row, $place);
                $other = $below === null ? $number : $at[$row + 1][$below] ?? $number;
                if ($other !== $number) {
                    $between[min($number, $other).' '.max($number, $other)] ??= On::seam(min($number, $other), max($number, $other));
                }
            }
        }

        return [array_values($within), array_values($between)];
    }

    /** @return list<array{int, int}> the places of the grid as it was drawn: a left half is counted like the right one it mirrors */
    private function covered(SixtySpot $spot): array
    {
        return $this->block->grid->covered($this->block->mirrored ? $this->block->grid->mirrored($spot) : $spot);
    }

    /** Seams that join its parts, and their length. */
    public function seamwork(): Seamwork
    {
        $around = 0.0;
        foreach ($this->block->parts as $part) {
            $around += $part->spot->outline($this->block->edge)->perimeter();
        }

        return new Seamwork(max(0, count($this->block->parts) - 1), max(0.0, ($around - $this->outline()->perimeter()) / 2));
    }

    public function digest(CuttingRoom $room): string
    {
        $workings = new Workings($room);
        $parts = array_map(
            $workings->digest(...),
            array_intersect_key($this->products, $this->block->contents()),
        );

        return substr(hash('sha256', implode("\n", [
            $this->kind()->value,
            'sixty',
            $this->block->shape->value,
            $this->finished()->encode(),
            $room->seam->encode(),
            ...array_map(
                fn (Placement $lies): string => implode(' ', [$parts[$lies->product], $lies->x->encode(), $lies->y->encode(), $lies->turn]),
                $this->placements(),
            ),
        ])), 0, 16);
    }
}
