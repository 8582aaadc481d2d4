<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Type\ChoiceType;
use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftCell;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Grid;
use Dew\Core\Draft\Value;

/**
 * Copies a quarter of a block to its other three, by turning it about the middle or by mirroring it over both middle lines. A middle column
 * or row, where the number is odd, stays as it is.
 */
final readonly class CopyQuarter implements EditKind
{
    /** @param  string  $from  top-left, top-right, bottom-right or bottom-left */
    public function __construct(
        private string $block,
        private string $from,
        private bool $byTurning,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts([
            'block' => EditParts::id(), 'from' => ChoiceType::of('top-left', 'top-right', 'bottom-right', 'bottom-left'),
            'by' => ChoiceType::of('turn', 'mirror'),
        ]);
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self($data->text('block'), $data->text('from'), $data->text('by') === 'turn');
    }

    public function changes(DraftDocument $document): array
    {
        $grid = Grid::ofColumnsAndRows($document, $this->block);
        [$columns, $rows] = [count($grid->columns), count($grid->rows)];
        [$across, $down] = [intdiv($columns, 2), intdiv($rows, 2)];
        if ($across === 0 || $down === 0) {
            throw new EditRefused('no_quarters', ['block' => $grid->place->text()]);
        }
        if ($this->byTurning && $columns !== $rows) {
            throw new EditRefused('quarter_not_turned', ['block' => $grid->place->text(), 'columns' => $columns, 'rows' => $rows]);
        }
        if ($grid->fault() !== null) {
            throw new EditRefused($grid->fault());
        }
        $isMiddle = fn (DraftCell $cell): bool => self::quarterOf($cell, $columns, $rows, $across, $down) === 'middle';
        $cells = array_map(DraftCell::of(...), $grid->cells);
        $copied = array_values(array_filter(
            $cells,
            fn (DraftCell $cell): bool => self::quarterOf($cell, $columns, $rows, $across, $down) === $this->from,
        ));
        $laid = array_values(array_filter($cells, $isMiddle));
        foreach ($copied as $cell) {
            array_push($laid, $cell, ...$this->copies($cell, $columns, $rows));
        }
        foreach ($laid as $number => $cell) {
            foreach (array_slice($laid, $number + 1) as $other) {
                if (array_intersect($cell->places(), $other->places()) !== []) {
                    throw new EditRefused('over_the_middle', ['column' => $cell->column, 'row' => $cell->row, 'block' => $grid->place->text()]);
                }
            }
        }
        usort($laid, fn (DraftCell $a, DraftCell $b): int => [$a->row, $a->column] <=> [$b->row, $b->column]);
        $place = $grid->place->within('cells');

        return [new Change($place, $document->at($place), Value::of(array_map(fn (DraftCell $cell): array => $cell->toArray(), $laid)))];
    }

    /** The quarter a cell lies in wholly; "middle" when it reaches over a middle line. */
    private static function quarterOf(DraftCell $cell, int $columns, int $rows, int $across, int $down): string
    {
        $left = $cell->column + $cell->across - 1 <= $across;
        $right = $cell->column > $columns - $across;
        $top = $cell->row + $cell->down - 1 <= $down;
        $bottom = $cell->row > $rows - $down;

        return match (true) {
            $left && $top => 'top-left',
            $right && $top => 'top-right',
            $right && $bottom => 'bottom-right',
            $left && $bottom => 'bottom-left',
            default => 'middle',
        };
    }

    /** @return list<DraftCell> in the other three quarters */
    private function copies(DraftCell $cell, int $columns, int $rows): array
    {
        if ($this->byTurning) {
            $copies = [];
            for ($turn = 1; $turn < 4; $turn++) {
                $cell = $cell->at($columns - $cell->row - $cell->down + 2, $cell->column)->spanning($cell->down, $cell->across)->turned(90);
                $copies[] = $cell;
            }

            return $copies;
        }
        $across = $cell->at($columns - $cell->column - $cell->across + 2, $cell->row)->mirrored();
        $down = fn (DraftCell $of): DraftCell => $of->at($of->column, $rows - $of->row - $of->down + 2)->mirrored()->turned(180);

        return [$across, $down($cell), $down($across)];
    }
}
