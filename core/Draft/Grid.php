<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

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
        return self::of($document, $block) ?? throw new EditRefused(sprintf('There is no block "%s" in this design.', $block));
    }

    /** @throws EditRefused when there is no such block, or it stands on 60° axes */
    public static function ofColumnsAndRows(DraftDocument $document, string $block): self
    {
        $grid = self::ofBlock($document, $block);

        return $grid->sixty === null ? $grid : throw new EditRefused(sprintf(
            '%s stands on 60° axes and has neither columns nor rows. Change its rows or the side of its triangles instead.',
            ucfirst($grid->place->text()),
        ));
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
        return $this->covering($column, $row) ?? throw new EditRefused(
            sprintf('Nothing lies at column %d, row %d of %s. Lay something there first.', $column, $row, $this->place->text()),
        );
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
    public function fault(): ?string
    {
        $taken = [];
        foreach ($this->cells as $cell) {
            $cell = DraftCell::of($cell);
            $beyond = $this->sixty === null ? $this->beyond($cell) : $this->sixty->problem($cell);
            if ($beyond !== null) {
                return sprintf('What lies at column %d, row %d of %s %s', $cell->column, $cell->row, $this->place->text(), $beyond);
            }
            foreach ($this->sixty === null ? $cell->places() : $this->sixty->covered($cell) as $place) {
                if (isset($taken[$place])) {
                    return sprintf(
                        'Column %s of %s is covered by what lies at column %s already. Lift one of the two first.',
                        str_replace(',', ', row ', $place), $this->place->text(), str_replace(',', ', row ', $taken[$place]),
                    );
                }
                $taken[$place] = $cell->id();
            }
        }

        return null;
    }

    private function beyond(DraftCell $cell): ?string
    {
        return $cell->column + $cell->across - 1 > count($this->columns) || $cell->row + $cell->down - 1 > count($this->rows)
            ? sprintf(
                'reaches beyond its %d columns and %d rows. Lay it where it fits, or add a column or row.',
                count($this->columns), count($this->rows),
            )
            : null;
    }
}
