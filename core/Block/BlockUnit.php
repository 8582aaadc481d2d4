<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Kind\PutTogether;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Seamwork;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\Workings;

/**
 * A block as something that is made: its parts are units and blocks made before, and plain patches cut for it.
 */
final class BlockUnit implements Composed
{
    use MadeOfParts, Patchwork {
        MadeOfParts::contents insteadof Patchwork;
        MadeOfParts::cutArea insteadof Patchwork;
        MadeOfParts::overhangs insteadof Patchwork;
    }

    /** @var array<string, array{Measurement, Measurement}> by product key */
    private array $partSizes = [];

    private ?Size $finished = null;

    /**
     * @param  array<string, Unit>  $products  at least what its cells hold
     * @param  array<string, mixed>  $made  by the key of a product that has a task of its own: plain pieces among them come out of a bag,
     *     others are cut
     * @param  Workings|null  $workings  what is known of its parts, where somebody keeps that already
     */
    public function __construct(
        private readonly Block $block,
        private readonly array $products,
        private readonly array $made = [],
        private readonly ?Workings $workings = null,
    ) {
    }

    public function finished(): Size
    {
        return $this->finished ??= $this->block->finished();
    }

    public function inWay(string $way): self
    {
        return new self($this->block->inWay($way), $this->products, $this->made, $this->workings);
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(PutTogether::BLOCK_ROWS)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $pieces = [];
        foreach ($this->block->contents() as $key => $count) {
            $product = $this->products[$key];
            $cut = $product->finished()->outsetBy($room->seam);
            $slots = array_map(fn (Slot $slot): string => $slot->id, $product->slots());
            if ($product->kind()->isPlain() && ! isset($this->made[$key])) {
                [$plain] = $product->making(new Method(Method::PLAIN), $room)->pieces;
                $pieces[] = new Piece($key, $plain->shape, $plain->slots, $plain->width, $plain->length, new Batch(each: $count));
            } elseif ($slots !== []) {
                $pieces[] = Piece::part($key, $slots, Measurement::exact($cut->height), Measurement::exact($cut->width), $count);
            }
        }
        if ($pieces === []) {
            throw new Refused('block.empty');
        }
        $sewn = $this->sewn($room);
        $size = $this->finished()->outsetBy($room->seam);
        $check = new Step(StepKind::Check, 'block.check', [
            'width' => $sewn[0], 'unfinished' => $sewn[1], 'pattern_width' => Measurement::setting(
                $size->width,
            ), 'pattern' => Measurement::setting($size->height),
        ], on: [On::whole()]);
        if (count($this->block->cells) === 1) {
            // One unit that is the whole block: there is nothing to join.
            return new Making($method, $pieces, [$check], sewn: $sewn);
        }

        return new Making($method, $pieces, [...$this->joining($room), $check], sewn: $sewn);
    }

    /**
     * Laid out, sewn into rows, and rows joined; a block of one row or one column is sewn in one go; where a cell spans rows, sections are
     * sewn first.
     *
     * @return list<Step>
     */
    private function joining(CuttingRoom $room): array
    {
        $seam = ['seam' => $room->allowance()];
        [$columns, $rows] = [count($this->block->columns), count($this->block->rows)];
        [$within, $between] = $this->cellSeams();
        $all = [...$within, ...$between];
        if ($rows === 1 || $columns === 1) {
            return $rows === 1 ? [
                new Step(StepKind::Layer, 'block.one_row.lay_out', counts: ['columns' => $columns], on: [On::whole()]),
                new Step(StepKind::Sew, 'block.one_row.sew', $seam, on: $all),
                ...$this->edgeCheck($room),
                new Step(StepKind::Press, 'block.one_row.press', on: $all),
            ] : [
                new Step(StepKind::Layer, 'block.one_column.lay_out', counts: ['rows' => $rows], on: [On::whole()]),
                new Step(StepKind::Sew, 'block.one_column.sew', $seam, on: $all),
                new Step(StepKind::Press, 'block.one_row.press', on: $all),
            ];
        }
        $layOut = new Step(StepKind::Layer, 'block.lay_out', counts: ['columns' => $columns, 'rows' => $rows], on: [On::whole()]);
        if ($this->spans()) {
            $rounds = Sections::of($this->block->cells) ?? [$all];
            $last = count($rounds) - 1;
            $steps = [];
            foreach ($rounds as $round => $seams) {
                $steps[] = new Step(StepKind::Sew, match ($round) {
                    0 => $last === 0 ? 'block.sections' : 'block.section.first',
                    $last => 'block.section.join',
                    default => 'block.section.more',
                }, $seam, on: $seams);
                array_push($steps, ...$round === 0 ? $this->edgeCheck($room) : []);
                $steps[] = new Step(StepKind::Press, 'block.press_sections', on: $seams);
            }

            return [$layOut, ...$this->middleCheck($room), ...$steps];
        }

        return [
            $layOut,
            ...$this->middleCheck($room),
            ...$within === [] ? [] : [
                new Step(StepKind::Sew, 'block.rows', $seam, counts: ['rows' => $rows], on: $within),
                ...$this->edgeCheck($room),
                new Step(StepKind::Press, 'block.press', on: $within),
            ],
            new Step(StepKind::Sew, 'block.join', $seam, on: $between),
            new Step(StepKind::Press, 'block.press_joined', on: $between),
        ];
    }

    /**
     * Seams between cells, told by the numbers of the cells.
     *
     * @return array{list<On>, list<On>} those within a row, and those between rows
     */
    private function cellSeams(): array
    {
        $at = [];
        foreach ($this->block->cells as $number => $cell) {
            for ($row = $cell->row; $row < $cell->row + $cell->down; $row++) {
                for ($column = $cell->column; $column < $cell->column + $cell->across; $column++) {
                    $at[$row][$column] = $number;
                }
            }
        }
        $within = $between = [];
        foreach ($at as $row => $places) {
            foreach ($places as $column => $number) {
                foreach ([$places[$column + 1] ?? $number, $at[$row + 1][$column] ?? $number] as $other) {
                    if ($other === $number) {
                        continue;
                    }
                    if ($this->block->cells[$number]->row === $this->block->cells[$other]->row) {
                        $within[$number.' '.$other] ??= On::seam($number, $other);
                    } else {
                        $between[$number.' '.$other] ??= On::seam($number, $other);
                    }
                }
            }
        }

        return [array_values($within), array_values($between)];
    }

    /**
     * Width and height as they come out: along its first row and its first column, each part as large as its own making makes it.
     *
     * @return array{Measurement, Measurement}
     */
    private function sewn(CuttingRoom $room): array
    {
        $size = $this->finished()->outsetBy($room->seam);
        $across = $down = [];
        foreach ($this->block->cells as $cell) {
            if ($cell->row === 0 || $cell->column === 0) {
                [$width, $height] = $this->partSize($cell, $room);
                if ($cell->row === 0) {
                    $across[] = $width;
                }
                if ($cell->column === 0) {
                    $down[] = $height;
                }
            }
        }

        return [Measurement::sewn($size->width, $across), Measurement::sewn($size->height, $down)];
    }

    /** @return array{Measurement, Measurement} as the part lies in its cell */
    private function partSize(Cell $cell, CuttingRoom $room): array
    {
        $this->partSizes[$cell->product] ??= $this->workings($room)->joined($this->products[$cell->product]);
        [$width, $height] = $this->partSizes[$cell->product];

        return $cell->orientation->quarterTurns % 2 === 0 ? [$width, $height] : [$height, $width];
    }

    private function workings(CuttingRoom $room): Workings
    {
        return $this->workings?->room === $room ? $this->workings : new Workings($room);
    }

    /** Seams that join its parts, and their length. */
    public function seamwork(): Seamwork
    {
        $around = 0.0;
        foreach ($this->block->cells as $cell) {
            $size = $this->block->cellSize($cell);
            $around += 2 * ($size->width->toFloat() + $size->height->toFloat());
        }
        $whole = $this->finished();
        $length = ($around - 2 * ($whole->width->toFloat() + $whole->height->toFloat())) / 2;

        return new Seamwork(count($this->block->cells) - 1, max(0.0, $length));
    }

    public function digest(CuttingRoom $room): string
    {
        $parts = array_map(
            fn (Unit $unit): string => $this->workings($room)->digest($unit),
            array_intersect_key($this->products, $this->block->contents()),
        );

        return substr(hash('sha256', implode("\n", [
            $this->kind()->value,
            $this->finished()->encode(),
            $this->finished()->outsetBy($room->seam)->encode(),
            ...array_map(
                fn (Placement $lies): string => implode(' ', [$parts[$lies->product], $lies->x->encode(), $lies->y->encode(), $lies->turn]),
                $this->placements(),
            ),
        ])), 0, 16);
    }

    private function spans(): bool
    {
        foreach ($this->block->cells as $cell) {
            if ($cell->down > 1) {
                return true;
            }
        }

        return false;
    }

    /**
     * A middle with a frame of plain strips round it is measured before the frame goes on: afterwards what is wrong in it is hidden.
     *
     * @return list<Step>
     */
    private function middleCheck(CuttingRoom $room): array
    {
        [$columns, $rows] = [count($this->block->columns), count($this->block->rows)];
        $middle = 0;
        foreach ($this->block->cells as $cell) {
            $isPlain = $this->products[$cell->product]->kind()->isPlain();
            $atEnd = $cell->row === 0 || $cell->row + $cell->down === $rows;
            $atSide = $cell->column === 0 || $cell->column + $cell->across === $columns;
            if (! $atEnd && ! $atSide) {
                $middle += $isPlain ? 0 : 1;
            } elseif (! $isPlain || ! ($atEnd && $atSide && $cell->across < $columns && $cell->down < $rows) && ! $this->isStrip($cell)) {
                return [];
            }
        }
        if ($middle === 0) {
            return [];
        }
        $inner = fn (Length ...$widths): Length => Length::sum(array_slice($widths, 1, -1))->plus($room->seam->times(2));
        $across = $down = [];
        foreach ($this->block->cells as $cell) {
            [$width, $height] = $this->partSize($cell, $room);
            if ($cell->row === 1 && $cell->column > 0 && $cell->column + $cell->across < $columns) {
                $across[] = $width;
            }
            if ($cell->column === 1 && $cell->row > 0 && $cell->row + $cell->down < $rows) {
                $down[] = $height;
            }
        }

        return [new Step(StepKind::Check, 'block.middle', [
            'width' => Measurement::sewn($inner(...$this->block->columns), $across), 'unfinished' => Measurement::sewn($inner(...$this->block->rows), $down),
        ], on: [On::whole()])];
    }

    /** Whether a cell at the edge is as long as the middle of the block or longer, and narrower than it is long. */
    private function isStrip(Cell $cell): bool
    {
        $size = $this->block->cellSize($cell);
        [$short, $long] = $size->width->isLessThan($size->height) ? [$size->width, $size->height] : [$size->height, $size->width];

        return $short->times(3, 2)->isLessThan($long) && max(
            $cell->across - count($this->block->columns), $cell->down - count($this->block->rows),
        ) >= -2;
    }

    /**
     * In the first row: after one seam the part at the edge reads its finished width and one allowance; the next one has lost both. A row
     * of two parts has no inner one.
     *
     * @return list<Step>
     */
    private function edgeCheck(CuttingRoom $room): array
    {
        $first = $second = null;
        foreach ($this->block->cells as $cell) {
            $first = $cell->row === 0 && $cell->column === 0 ? $cell : $first;
        }
        foreach ($this->block->cells as $cell) {
            $second = $cell->row === 0 && $first !== null && $cell->column === $first->across ? $cell : $second;
        }

        if ($first === null || $second === null || $second->column + $second->across === count($this->block->columns)) {
            return [];
        }

        $left = fn (Cell $cell, int $seams): Measurement => Measurement::sewn(
            $this->block->cellSize($cell)->width->plus($room->seam->times(2 - $seams)), [$this->partSize($cell, $room)[0]],
        );

        return [new Step(StepKind::Check, 'block.edge', [
            'edge' => $left($first, 1), 'inner' => $left($second, 2),
        ], on: [On::edge((int) array_search($first, $this->block->cells, true), 3)])];
    }
}
