<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use Dew\Core\Measure\Problem;

/**
 * The grid of one block as the document has it, finished or not: its columns and rows, or its 60° axes, and what lies where. Places count
 * from one; on 60° axes a column is a place in its row.
 */
final readonly class Grid
{
    /**
     * @param  list<mixed>  $columns  finished widths, as the document writes them
     * @param  list<mixed>  $rows
     * @param  list<array<array-key, mixed>>  $cells
     */
    private function __construct(
        public Place $place,
        public array $columns,
        public array $rows,
        public array $cells,
        public ?SixtyPlaces $sixty = null,
    ) {
    }

    /** Null when there is no such block, or no grid in it. */
    public static function of(DraftDocument $document, string $block): ?self
    {
        $place = Place::of('blocks', $block);
        $sixty = SixtyPlaces::of($document, $place);
        if ($sixty !== null) {
            return new self($place, [], [], $document->items($place->within('cells')), $sixty);
        }
        [$columns, $rows] = [$document->at($place->within('columns'))->value, $document->at($place->within('rows'))->value];

        return is_array($columns) && is_array($rows)
            ? new self($place, array_values($columns), array_values($rows), $document->items($place->within('cells')))
            : null;
    }

    /** @throws EditRefused when there is no such block */
    public static function ofBlock(DraftDocument $document, string $block): self
    {
        return self::of($document, $block) ?? throw new EditRefused('no_block', ['block' => $block]);
    }

    /** @throws EditRefused when there is no such block, or it stands on 60° axes */
    public static function ofColumnsAndRows(DraftDocument $document, string $block): self
    {
        $grid = self::ofBlock($document, $block);

        return $grid->sixty === null ? $grid : throw new EditRefused('on_sixty_axes', ['block' => ucfirst($grid->place->text())]);
    }

    /** The cell that covers a place, whether it begins there or not. */
    public function covering(int $column, int $row): ?DraftCell
    {
        foreach ($this->cells as $cell) {
            $cell = DraftCell::of($cell);
            if ($this->sixty === null ? $cell->covers($column, $row) : in_array("$column,$row", $this->sixty->covered($cell), true)) {
                return $cell;
            }
        }

        return null;
    }

    /** @throws EditRefused when nothing lies there */
    public function laid(int $column, int $row): DraftCell
    {
        return $this->covering($column, $row) ?? throw new EditRefused('nothing_there', ['column' => $column, 'row' => $row, 'block' => $this->place->text()]);
    }

    /** The id of the first cell behind a place in reading order: what is laid there goes before it. */
    public function behind(int $column, int $row): ?string
    {
        foreach ($this->cells as $cell) {
            $cell = DraftCell::of($cell);
            if ([$cell->row, $cell->column] > [$row, $column]) {
                return $cell->id();
            }
        }

        return null;
    }

    /** What cannot be in this grid: two things in one place, or one beyond the edge. Null when all is well. */
    public function fault(): ?Problem
    {
        $taken = [];
        foreach ($this->cells as $cell) {
            $cell = DraftCell::of($cell);
            $beyond = $this->sixty === null ? $this->beyond($cell) : $this->sixty->problem($cell);
            if ($beyond !== null) {
                return new Problem('edit.does_not_fit', [
                    'column' => $cell->column, 'row' => $cell->row, 'block' => $this->place->text(), 'problem' => $beyond,
                ]);
            }
            foreach ($this->sixty === null ? $cell->places() : $this->sixty->covered($cell) as $place) {
                if (isset($taken[$place])) {
                    [$column, $row] = explode(',', $place);
                    [$byColumn, $byRow] = explode(',', $taken[$place]);

                    return new Problem('edit.covered_already', [
                        'column' => $column, 'row' => $row, 'block' => $this->place->text(), 'by_column' => $byColumn, 'by_row' => $byRow,
                    ]);
                }
                $taken[$place] = $cell->id();
            }
        }

        return null;
    }

    private function beyond(DraftCell $cell): ?Problem
    {
        return $cell->column + $cell->across - 1 > count($this->columns) || $cell->row + $cell->down - 1 > count($this->rows)
            ? new Problem('edit.reaches_beyond', ['columns' => count($this->columns), 'rows' => count($this->rows)])
            : null;
    }
}
