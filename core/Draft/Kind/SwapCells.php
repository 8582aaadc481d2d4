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
use Dew\Core\Draft\Value;

/** Lets two things of a block change places, each as it is turned and clothed. */
final readonly class SwapCells implements EditKind
{
    /**
     * @param  array{int, int}  $one  column and row
     * @param  array{int, int}  $other
     */
    public function __construct(
        private string $block,
        private array $one,
        private array $other,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts([...EditParts::cell(), 'with_column' => EditParts::number(), 'with_row' => EditParts::number()]);
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self(
            $data->text('block'), [$data->number('column'), $data->number('row')], [$data->number('with_column'), $data->number('with_row')],
        );
    }

    public function changes(DraftDocument $document): array
    {
        $grid = Grid::ofBlock($document, $this->block);
        [$one, $other] = [$grid->covering(...$this->one), $grid->covering(...$this->other)];
        if ($one === null || $other === null) {
            return match (true) {
                $one !== null => $this->moved($document, $grid, $one, $this->other),
                $other !== null => $this->moved($document, $grid, $other, $this->one),
                default => throw new EditRefused('nothing_to_swap'),
            };
        }
        $changes = [];
        foreach ([[$one, $other->content], [$other, $one->content]] as [$cell, $content]) {
            $place = $grid->place->cell($cell->column, $cell->row);
            // On 60° axes a turn belongs to a place: what stood on its base may come to stand on its point.
            $content = $grid->sixty === null ? $content : array_diff_key($content, ['turn' => true]);
            $before = $document->follower($place);
            $changes[] = new Change($place, $document->at($place), Value::of($cell->holding($content)->toArray()), $before, $before);
        }

        return $one->id() === $other->id() ? [] : $changes;
    }

    /**
     * What lies alone moves to the empty place, where it covers that place alone.
     *
     * @param  array{int, int}  $to
     * @return list<Change>
     */
    private function moved(DraftDocument $document, Grid $grid, DraftCell $cell, array $to): array
    {
        $from = $grid->place->cell($cell->column, $cell->row);
        $before = null;
        foreach ($grid->cells as $data) {
            $other = DraftCell::of($data);
            if ($before === null && $other->id() !== $cell->id() && [$other->row, $other->column] > [$to[1], $to[0]]) {
                $before = $other->id();
            }
        }

        return [
            new Change($from, $document->at($from), Value::nothing(), $document->follower($from)),
            new Change(
                $grid->place->cell(...$to),
                Value::nothing(),
                Value::of($this->alone($grid, $cell)->at(...$to)->toArray()),
                standsBefore: $before,
            ),
        ];
    }

    private function alone(Grid $grid, DraftCell $cell): DraftCell
    {
        return $grid->sixty === null ? $cell->spanning(1, 1) : $cell->holding(array_diff_key($cell->content, ['turn' => true]));
    }
}
