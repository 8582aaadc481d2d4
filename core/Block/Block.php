<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Unit;

/** A grid of columns and rows with their finished widths; its cells hold units or other blocks and may span several columns and rows. */
final readonly class Block
{
    use InWays;

    /**
     * @param  string  $id  key among the products of its design
     * @param  list<Length>  $columns  finished widths
     * @param  list<Length>  $rows  finished heights
     * @param  list<Cell>  $cells  together every place of the grid once
     * @param  Size|null  $trimmed  what it is trimmed to, finished, where it is sewn larger on purpose
     * @param  array<string, Way>  $ways  other ways to turn its parts, by id
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $columns,
        public array $rows,
        public array $cells,
        public ?Size $trimmed = null,
        public array $ways = [],
    ) {
    }

    public function finished(): Size
    {
        return $this->trimmed ?? $this->sewn();
    }

    /** What its grid finishes at, before anything is trimmed off. */
    public function sewn(): Size
    {
        return new Size(Length::sum($this->columns), Length::sum($this->rows));
    }

    public function untrimmed(): self
    {
        return new self($this->id, $this->name, $this->columns, $this->rows, $this->cells, null, $this->ways);
    }

    /** With its parts turned as in one of its ways; as it is designed where it has no such way. */
    public function inWay(string $way): self
    {
        $cells = [];
        foreach ($this->cells as $index => $cell) {
            $other = $this->ways[$way]->parts[$index] ?? $cell;
            $cells[] = $other instanceof Cell ? $other : $cell;
        }

        return new self($this->id, $this->name, $this->columns, $this->rows, $cells, $this->trimmed);
    }

    /** What the thing in a cell must finish at. */
    public function cellSize(Cell $cell): Size
    {
        return new Size(
            Length::sum(array_slice($this->columns, $cell->column, $cell->across)),
            Length::sum(array_slice($this->rows, $cell->row, $cell->down)),
        );
    }

    /**
     * How many of each unit or block lie in its cells.
     *
     * @return array<string, positive-int> by product key
     */
    public function contents(): array
    {
        $contents = [];
        foreach ($this->cells as $cell) {
            $contents[$cell->product] = ($contents[$cell->product] ?? 0) + 1;
        }

        return $contents;
    }

    public function scaled(int $numerator, int $denominator): self
    {
        $scale = fn (Length $length): Length => $length->times($numerator, $denominator);

        return new self(
            $this->id,
            $this->name,
            array_map($scale, $this->columns),
            array_map($scale, $this->rows),
            $this->cells,
            $this->trimmed === null ? null : new Size($scale($this->trimmed->width), $scale($this->trimmed->height)),
            $this->ways,
        );
    }

    /**
     * Where everything in its cells lies.
     *
     * @param  array<string, Unit>  $products  units and blocks by key
     * @return list<Placement>
     */
    public function placements(array $products): array
    {
        $lefts = self::starts($this->columns);
        $tops = self::starts($this->rows);
        $placements = [];
        foreach ($this->cells as $cell) {
            [$x, $y] = [$lefts[$cell->column], $tops[$cell->row]];
            $size = $products[$cell->product]->finished();
            // Turned about its top left corner it would lie beside its cell: that corner moves.
            $placements[] = match ($cell->orientation->quarterTurns) {
                0 => new Placement($cell->product, $x, $y),
                1 => new Placement($cell->product, $x->plus($size->height), $y, 90),
                2 => new Placement($cell->product, $x->plus($size->width), $y->plus($size->height), 180),
                default => new Placement($cell->product, $x, $y->plus($size->width), 270),
            };
        }

        return $placements;
    }

    /**
     * @param  array<string, Unit>  $products  units and blocks by key
     * @return list<Patch> in finished inches from the block's top left corner
     */
    public function patches(array $products): array
    {
        $lefts = self::starts($this->columns);
        $tops = self::starts($this->rows);
        $oriented = [];
        $patches = [];
        foreach ($this->cells as $cell) {
            $product = $products[$cell->product];
            $oriented[$cell->product.' '.$cell->orientation->key()] ??= array_map(
                fn (Patch $patch): Patch => $patch->oriented($cell->orientation, $product->finished()),
                $product->patches(),
            );
            foreach ($oriented[$cell->product.' '.$cell->orientation->key()] as $patch) {
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
}
