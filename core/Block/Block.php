<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Unit;

/** A grid of columns and rows with their finished widths, each cell holding one unit. */
final readonly class Block
{
    /**
     * @param  list<Length>  $columns  finished widths
     * @param  list<Length>  $rows  finished heights
     * @param  list<Cell>  $cells  every cell once
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $columns,
        public array $rows,
        public array $cells,
    ) {
    }

    public function finished(): Size
    {
        return new Size(self::sum($this->columns), self::sum($this->rows));
    }

    public function cellSize(int $column, int $row): Size
    {
        return new Size($this->columns[$column], $this->rows[$row]);
    }

    /**
     * How many of each unit one block takes.
     *
     * @return array<string, int> by unit id
     */
    public function unitCounts(): array
    {
        return array_count_values(array_map(fn (Cell $cell): string => $cell->unit, $this->cells));
    }

    /**
     * @param  array<string, Unit>  $units  by id
     * @return list<Patch> in finished inches from the block's top left corner
     */
    public function patches(array $units): array
    {
        $lefts = self::starts($this->columns);
        $tops = self::starts($this->rows);
        $oriented = [];
        $patches = [];
        foreach ($this->cells as $cell) {
            $unit = $units[$cell->unit];
            $oriented[$cell->unit.' '.$cell->orientation->key()] ??= array_map(
                fn (Patch $patch): Patch => $patch->oriented($cell->orientation, $unit->finished()),
                $unit->patches(),
            );
            foreach ($oriented[$cell->unit.' '.$cell->orientation->key()] as $patch) {
                $patches[] = $patch->movedBy($lefts[$cell->column], $tops[$cell->row]);
            }
        }

        return $patches;
    }

    /**
     * Where each column or row begins.
     *
     * @param  list<Length>  $lengths
     * @return list<Length>
     */
    private static function starts(array $lengths): array
    {
        $starts = [];
        $at = Length::zero();
        foreach ($lengths as $length) {
            $starts[] = $at;
            $at = $at->plus($length);
        }

        return $starts;
    }

    /** @param  list<Length>  $lengths */
    private static function sum(array $lengths): Length
    {
        return array_reduce($lengths, fn (Length $sum, Length $length): Length => $sum->plus($length), Length::zero());
    }
}
