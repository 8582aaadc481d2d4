<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edit;
use Dew\Core\Draft\Grid;
use Dew\Core\Draft\Value;

/** Lets two things of a block change places, each as it is turned and clothed. */
final readonly class SwapCells implements Edit
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

    public function changes(DraftDocument $document): array
    {
        $grid = Grid::ofBlock($document, $this->block);
        [$one, $other] = [$grid->laid(...$this->one), $grid->laid(...$this->other)];
        $changes = [];
        foreach ([[$one, $other->content], [$other, $one->content]] as [$cell, $content]) {
            $place = $grid->place->cell($cell->column, $cell->row);
            $before = $document->follower($place);
            $changes[] = new Change($place, $document->at($place), Value::of($cell->holding($content)->toArray()), $before, $before);
        }

        return $one->id() === $other->id() ? [] : $changes;
    }
}
