<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

/** The grid of one block as the document has it, finished or not: its columns and rows, and what lies where. Places count from one. */
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
    ) {
    }

    /** Null when there is no such block, or no grid in it. */
    public static function of(DraftDocument $document, string $block): ?self
    {
        $place = Place::of('blocks', $block);
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

    /** The cell that covers a place, whether it begins there or not. */
    public function covering(int $column, int $row): ?Cell
    {
        foreach ($this->cells as $cell) {
            $cell = Cell::of($cell);
            if ($cell->covers($column, $row)) {
                return $cell;
            }
        }

        return null;
    }

    /** @throws EditRefused when nothing lies there */
    public function laid(int $column, int $row): Cell
    {
        return $this->covering($column, $row) ?? throw new EditRefused(
            sprintf('Nothing lies at column %d, row %d of %s. Lay something there first.', $column, $row, $this->place->text()),
        );
    }

    /** The id of the first cell behind a place in reading order: what is laid there goes before it. */
    public function behind(int $column, int $row): ?string
    {
        foreach ($this->cells as $cell) {
            $cell = Cell::of($cell);
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
            $cell = Cell::of($cell);
            if ($cell->column + $cell->across - 1 > count($this->columns) || $cell->row + $cell->down - 1 > count($this->rows)) {
                return sprintf(
                    'What lies at column %d, row %d of %s reaches beyond its %d columns and %d rows. Lay it where it fits, or add '
                        .'a column or row.',
                    $cell->column, $cell->row, $this->place->text(), count($this->columns), count($this->rows),
                );
            }
            foreach ($cell->places() as $place) {
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
}
