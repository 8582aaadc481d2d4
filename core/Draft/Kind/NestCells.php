<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftCell;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Grid;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;

/**
 * Makes a part of a block a block of its own that lies in it: a section, which a task can make at its own time. Nothing changes in the
 * picture.
 */
final readonly class NestCells implements EditKind
{
    /**
     * @param  int  $column  of the first place
     * @param  int  $across  how many columns the section has
     */
    public function __construct(
        private string $block,
        private string $id,
        private string $name,
        private int $column,
        private int $row,
        private int $across,
        private int $down,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts([
            ...EditParts::cell(), 'id' => EditParts::id(), 'name' => EditParts::name(), 'across' => EditParts::number(), 'down' => EditParts::number(),
        ]);
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self(
            $data->text('block'), $data->text('id'), $data->text('name'), $data->number('column'), $data->number('row'),
            $data->number('across'), $data->number('down'),
        );
    }

    public function changes(DraftDocument $document): array
    {
        $grid = Grid::ofColumnsAndRows($document, $this->block);
        [$columns, $rows] = [count($grid->columns), count($grid->rows)];
        if ($this->column + $this->across - 1 > $columns || $this->row + $this->down - 1 > $rows) {
            throw new EditRefused('section_outside', ['block' => $grid->place->text(), 'columns' => $columns, 'rows' => $rows]);
        }
        if ($this->across === $columns && $this->down === $rows) {
            throw new EditRefused('section_is_a_part');
        }
        [$inside, $outside] = $this->divided($grid);
        if ($inside === []) {
            throw new EditRefused('nothing_in_section');
        }
        $outside[] = ['column' => $this->column, 'row' => $this->row]
            + ($this->across === 1 ? [] : ['across' => $this->across])
            + ($this->down === 1 ? [] : ['down' => $this->down])
            + ['block' => $this->id];
        usort($outside, fn (array $one, array $other): int => [$one['row'], $one['column']] <=> [$other['row'], $other['column']]);
        $cells = $grid->place->within('cells');

        return [
            ...(new AddItem(Place::of('blocks'), [
                'id' => $this->id,
                'name' => $this->name,
                'columns' => array_slice($grid->columns, $this->column - 1, $this->across),
                'rows' => array_slice($grid->rows, $this->row - 1, $this->down),
                'cells' => $inside,
            ]))->changes($document),
            new Change($cells, $document->at($cells), Value::of($outside)),
        ];
    }

    /**
     * What lies in the section, by its places there, and what lies outside.
     *
     * @return array{list<array<array-key, mixed>>, list<array<array-key, mixed>>}
     *
     * @throws EditRefused when something lies across the edge of the section
     */
    private function divided(Grid $grid): array
    {
        $inside = $outside = [];
        foreach ($grid->cells as $data) {
            $cell = DraftCell::of($data);
            $within = array_filter($cell->places(), $this->has(...));
            if ($within === []) {
                $outside[] = $data;
            } elseif (count($within) === count($cell->places())) {
                $inside[] = $cell->at($cell->column - $this->column + 1, $cell->row - $this->row + 1)->toArray();
            } else {
                throw new EditRefused('across_the_section', ['column' => $cell->column, 'row' => $cell->row]);
            }
        }

        return [$inside, $outside];
    }

    private function has(string $place): bool
    {
        [$column, $row] = array_map(intval(...), explode(',', $place));

        return $column >= $this->column && $column < $this->column + $this->across && $row >= $this->row && $row < $this->row + $this->down;
    }
}
