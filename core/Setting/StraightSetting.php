<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Block\Block;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** Blocks edge to edge in rows and columns: a small pattern of blocks, repeated until the size is full, then borders around it. */
final readonly class StraightSetting
{
    /**
     * @param  non-empty-list<non-empty-list<string>>  $pattern  block ids, row by row; every row as long as the first
     * @param  list<Border>  $borders  from the inside outwards
     */
    public function __construct(
        public array $pattern,
        public array $borders,
    ) {
    }

    public function blockAt(int $column, int $row): string
    {
        $across = $this->pattern[$row % count($this->pattern)];

        return $across[$column % count($across)];
    }

    /** @return array<string, int> how many of each block the size takes, by block id */
    public function blockCounts(QuiltSize $size): array
    {
        $counts = [];
        for ($row = 0; $row < $size->rows; $row++) {
            for ($column = 0; $column < $size->columns; $column++) {
                $block = $this->blockAt($column, $row);
                $counts[$block] = ($counts[$block] ?? 0) + 1;
            }
        }

        return $counts;
    }

    /** Finished, borders included. */
    public function finished(QuiltSize $size, Size $block): Size
    {
        return (new Size($block->width->times($size->columns), $block->height->times($size->rows)))->outsetBy($this->borderWidth());
    }

    /**
     * Where each block lies, in finished inches from the quilt's top left corner.
     *
     * @param  array<string, Block>  $blocks  all of one finished size
     * @return list<Placement>
     */
    public function placements(QuiltSize $size, array $blocks): array
    {
        $border = $this->borderWidth();
        $block = $blocks[$this->blockAt(0, 0)]->finished();
        $lefts = array_map(fn (int $column): Length => $border->plus($block->width->times($column)), range(0, $size->columns - 1));
        $placements = [];
        for ($row = 0; $row < $size->rows; $row++) {
            $top = $border->plus($block->height->times($row));
            foreach ($lefts as $column => $left) {
                $placements[] = new Placement($this->blockAt($column, $row), $left, $top);
            }
        }

        return $placements;
    }

    /** @return list<Patch> the borders of a quilt of this finished size */
    public function borderPatches(Size $quilt): array
    {
        $patches = [];
        $inset = Length::zero();
        foreach (array_reverse($this->borders) as $border) {
            $right = $quilt->width->minus($inset)->minus($border->width);
            $bottom = $quilt->height->minus($inset)->minus($border->width);
            $across = new Size($quilt->width->minus($inset->times(2)), $border->width);
            $inner = $inset->plus($border->width);
            $down = new Size($border->width, $quilt->height->minus($inner->times(2)));
            foreach ([[$inset, $inset, $across], [$inset, $bottom, $across], [$inset, $inner, $down], [$right, $inner, $down]] as [$x, $y, $size]) {
                $patches[] = new Patch($border->slot, Outline::rectangle($x, $y, $size));
            }
            $inset = $inner;
        }

        return $patches;
    }

    private function borderWidth(): Length
    {
        return array_reduce($this->borders, fn (Length $sum, Border $border): Length => $sum->plus($border->width), Length::zero());
    }
}
