<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\Seams;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\PlainUnit;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * A block as something that is made: its parts are units and blocks made before, and plain patches cut for it.
 */
final class BlockUnit implements Unit
{
    /** @var list<Patch>|null */
    private ?array $patches = null;

    /** @var list<Placement>|null */
    private ?array $placements = null;

    /**
     * @param  array<string, Unit>  $products  at least what its cells hold
     * @param  array<string, mixed>  $made  by the key of a product that has a task of its own: plain pieces among them come out of a bag, others are cut
     */
    public function __construct(
        private readonly Block $block,
        private readonly array $products,
        private readonly array $made = [],
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitKind::Block;
    }

    public function finished(): Size
    {
        return $this->block->finished();
    }

    public function slots(): array
    {
        $slots = [];
        foreach (array_keys($this->block->contents()) as $product) {
            foreach ($this->products[$product]->slots() as $slot) {
                $slots[$slot->id] = $slot;
            }
        }

        return array_values($slots);
    }

    public function patches(): array
    {
        return $this->patches ??= $this->block->patches($this->products);
    }

    /** @return list<Placement> */
    public function placements(): array
    {
        return $this->placements ??= $this->block->placements($this->products);
    }

    /** Laid out, sewn into rows, and rows joined. Where a cell spans rows, sections are sewn first. */
    public function making(Method $method, CuttingRoom $room): Making
    {
        if ($method !== Method::BlockRows) {
            throw new InvalidArgumentException(sprintf('A block is not made by "%s".', $method->value));
        }
        $pieces = [];
        foreach ($this->block->contents() as $key => $count) {
            $product = $this->products[$key];
            $cut = $product->finished()->outsetBy($room->seam);
            $slots = array_map(fn (Slot $slot): string => $slot->id, $product->slots());
            if ($product instanceof PlainUnit && ! isset($this->made[$key])) {
                [$plain] = $product->making(Method::Plain, $room)->pieces;
                $pieces[] = new Piece($key, $plain->shape, $plain->slots, $plain->width, $plain->length, each: $count);
            } elseif ($slots !== []) {
                $pieces[] = new Piece($key, PieceShape::Part, $slots, Measurement::exact($cut->height), Measurement::exact($cut->width), each: $count);
            }
        }
        $unfinished = $this->finished()->outsetBy($room->seam);
        $seam = ['seam' => Measurement::setting($room->seam)];
        $rows = count($this->block->rows);
        $check = new Step(StepKind::Check, 'block.check', ['width' => Measurement::exact($unfinished->width), 'unfinished' => Measurement::exact($unfinished->height)]);
        if ($pieces !== [] && count($this->block->cells) === 1) {
            // One unit that is the whole block: there is nothing to join.
            return Making::of($method, $pieces, [$check], $room);
        }

        return Making::of($method, $pieces === [] ? throw new InvalidArgumentException('A block needs contents.') : $pieces, [
            new Step(StepKind::Layer, 'block.lay_out', counts: ['columns' => count($this->block->columns), 'rows' => $rows]),
            ...$this->spans()
                ? [new Step(StepKind::Sew, 'block.sections', $seam)]
                : [new Step(StepKind::Sew, 'block.rows', $seam, counts: ['rows' => $rows])],
            ...$this->edgeCheck($room->seam),
            new Step(StepKind::Press, 'block.press'),
            ...$rows > 1 ? [new Step(StepKind::Sew, 'block.join', $seam)] : [],
            $check,
        ], $room);
    }

    /**
     * Seams that join its parts, and their length in inches.
     *
     * @return array{int, float}
     */
    public function joins(int $parts): array
    {
        $around = 0.0;
        foreach ($this->block->cells as $cell) {
            $size = $this->block->cellSize($cell);
            $around += 2 * ($size->width->toFloat() + $size->height->toFloat());
        }
        $whole = $this->finished();

        return [$parts - 1, max(0.0, ($around - 2 * ($whole->width->toFloat() + $whole->height->toFloat())) / 2)];
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
     * In the first row: after one seam the part at the edge reads its finished width and one allowance; the next one has lost both. A row of two parts
     * has no inner one.
     *
     * @return list<Step>
     */
    private function edgeCheck(Length $seam): array
    {
        $first = $second = null;
        foreach ($this->block->cells as $cell) {
            $first = $cell->row === 0 && $cell->column === 0 ? $cell : $first;
        }
        foreach ($this->block->cells as $cell) {
            $second = $cell->row === 0 && $first !== null && $cell->column === $first->across ? $cell : $second;
        }

        return $first === null || $second === null || $second->column + $second->across === count($this->block->columns) ? [] : [
            new Step(StepKind::Check, 'block.edge', ['edge' => Measurement::exact($this->block->cellSize($first)->width->plus($seam)), 'inner' => Measurement::exact($this->block->cellSize($second)->width)]),
        ];
    }
}
