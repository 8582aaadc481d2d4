<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Measure\Length;
use InvalidArgumentException;

/** Reads the blocks of a design document: their grids, and what lies where and how. */
final readonly class BlockReader
{
    /** @param  array<string, Slot>  $slots  by id */
    public function __construct(private array $slots)
    {
    }

    /**
     * Blocks as they are described; whether what they name is there is asked once all are known.
     *
     * @return array<string, DeclaredBlock>  by id
     *
     * @throws DocumentException
     */
    public function declared(Node $list): array
    {
        $blocks = [];
        $read = fn (Node $length): ?Length => $length->isText('auto') ? null : $length->length();
        foreach ($list->items(200, 1) as $node) {
            $id = $node->freshId($blocks);
            $columns = array_map($read, $node->get('columns')->items(40, 1));
            $rows = array_map($read, $node->get('rows')->items(40, 1));
            $cells = array_map(fn (Node $cell): DeclaredCell => $this->cell($cell, count($columns), count($rows)), $node->get('cells')->items(count($columns) * count($rows), 1));
            $this->everyPlaceOnce($node, $cells, count($columns), count($rows));
            $blocks[$id] = new DeclaredBlock($id, $node->get('name')->string(60), $columns, $rows, $cells);
        }

        return $blocks;
    }

    private function cell(Node $node, int $columns, int $rows): DeclaredCell
    {
        $column = $node->get('column')->integer(1, $columns);
        $row = $node->get('row')->integer(1, $rows);
        if ($node->has('unit') === $node->has('block')) {
            throw $node->fail('needs either a "unit" or a "block".');
        }

        return new DeclaredCell(
            $column - 1,
            $row - 1,
            ($node->has('unit') ? $node->get('unit') : $node->get('block'))->id(),
            $this->orientation($node),
            $node->has('fabrics') ? $this->replacements($node->get('fabrics')) : [],
            $node->has('across') ? max(1, $node->get('across')->integer(1, $columns - $column + 1)) : 1,
            $node->has('down') ? max(1, $node->get('down')->integer(1, $rows - $row + 1)) : 1,
        );
    }

    /** @param  list<DeclaredCell>  $cells */
    private function everyPlaceOnce(Node $node, array $cells, int $columns, int $rows): void
    {
        $taken = [];
        foreach ($cells as $index => $cell) {
            for ($row = $cell->row; $row < $cell->row + $cell->down; $row++) {
                for ($column = $cell->column; $column < $cell->column + $cell->across; $column++) {
                    if (isset($taken[$row][$column])) {
                        throw $node->get('cells')->get($index)->fail('lies on a cell that is already filled.');
                    }
                    $taken[$row][$column] = true;
                }
            }
        }
        $filled = array_sum(array_map(count(...), $taken));
        if ($filled !== $columns * $rows) {
            throw $node->get('cells')->fail(sprintf('fills %d of %d cells; every cell needs a unit or a block.', $filled, $columns * $rows));
        }
    }

    private function orientation(Node $cell): Orientation
    {
        $mirrored = $cell->has('mirror') && $cell->get('mirror')->boolean();
        if (! $cell->has('turn')) {
            return Orientation::of(0, $mirrored);
        }
        try {
            return Orientation::of($cell->get('turn')->integer(0, 270), $mirrored);
        } catch (InvalidArgumentException $error) {
            throw $cell->get('turn')->fail($error->getMessage());
        }
    }

    /**
     * Fabrics taken instead of others.
     *
     * @return array<string, string>  by the id of the fabric they replace
     *
     * @throws DocumentException
     */
    public function replacements(Node $node): array
    {
        $fabrics = [];
        foreach ($node->entries() as $instead => $taken) {
            if (! isset($this->slots[$instead])) {
                throw $node->fail(sprintf('replaces a fabric "%s" that the document does not have.', $instead));
            }
            $fabrics[$instead] = $taken->known($this->slots, 'fabric')->id;
        }

        return $fabrics;
    }
}
