<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\PlainUnit;

/** Blocks in straight rows, with sashing or without; the one setting for blocks that are quilted one by one. */
final readonly class StraightLayout implements SettingLayout
{
    private Setting $setting;

    private QuiltSize $size;

    private CuttingRoom $room;

    public function __construct(private Layout $layout)
    {
        $this->setting = $layout->setting;
        $this->size = $layout->size;
        $this->room = $layout->room;
    }

    public function arrange(): void
    {
        $drawn = $this->layout->commonSize();
        $block = $this->joined($drawn);
        $sashing = $this->setting->sashing;
        $width = $sashing->width ?? Length::zero();
        $out = $sashing !== null && $sashing->outside ? $width : Length::zero();
        $pitch = new Size($block->width->plus($width), $block->height->plus($width));
        [$columns, $rows] = [$this->size->columns, $this->size->rows];
        $gaps = false;
        $edges = [0, 0];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $key = $this->setting->blockAt($this->size, $column, $row);
                if ($key === null) {
                    $gaps = true;

                    continue;
                }
                // A block that loses at a join begins outside of what is left of it.
                $left = $out->plus($pitch->width->times($column))->plus($this->layout->edge)->minus($this->layout->crop);
                $top = $out->plus($pitch->height->times($row))->plus($this->layout->edge)->minus($this->layout->crop);
                $this->layout->place($key, $left, $top);
                foreach ([
                    [$column, $row - 1, 0],
                    [$column, $row + 1, 0],
                    [$column - 1, $row, 1],
                    [$column + 1, $row, 1],
                ] as [$x, $y, $upright]) {
                    $inside = $x >= 0 && $y >= 0 && $x < $columns && $y < $rows && $this->setting->blockAt($this->size, $x, $y) !== null;
                    $edges[$upright] += $inside ? 0 : 1;
                }
            }
        }
        if ($this->layout->placements === []) {
            throw new Refused('setting.no_block_left');
        }
        $between = fn (int $count): int => $sashing === null ? 0 : $count - 1 + ($sashing->outside ? 2 : 0);
        $this->layout->finished = new Size(
            $block->width->times($columns)->plus($width->times($between($columns)))->plus($this->layout->edge->times(2)),
            $block->height->times($rows)->plus($width->times($between($rows)))->plus($this->layout->edge->times(2)),
        );
        $this->layout->perimeter = $gaps
            ? $block->width->times($edges[0])->plus($block->height->times($edges[1]))
            : $this->layout->finished->width->plus($this->layout->finished->height)->times(2);
        if ($gaps && ($sashing !== null || $this->setting->bordersOf($this->size) !== [])) {
            throw new Refused('setting.gaps');
        }
        if ($sashing !== null) {
            $this->sash($sashing, $block, $pitch);
        }
    }

    /** What is seen of a finished block once quilted blocks are joined; the block as it is where they are not quilted one by one. */
    private function joined(Size $block): Size
    {
        $quilting = $this->setting->quilting;
        if ($quilting === null) {
            return $block;
        }
        if ($this->setting->sashing !== null || $this->setting->bordersOf($this->size) !== []) {
            throw new Refused('setting.quilted_alone');
        }
        $pitch = $quilting->pitch($block, $this->room);
        if (! $pitch->width->isPositive() || ! $pitch->height->isPositive()) {
            throw new Refused('setting.join_too_wide');
        }
        $this->layout->crop = $block->width->minus($pitch->width)->dividedBy(2);
        $this->layout->edge = $quilting->edge();

        return $pitch;
    }

    private function sash(Sashing $sashing, Size $block, Size $pitch): void
    {
        [$columns, $rows, $width] = [$this->size->columns, $this->size->rows, $sashing->width];
        $out = $sashing->outside;
        $start = $out ? $width : Length::zero();
        // Lines between columns and rows, the outermost ones only when it goes round the outside.
        $lines = fn (int $count): array => $out ? range(0, $count) : ($count > 1 ? range(1, $count - 1) : []);
        $at = fn (int $line, Length $step): Length => $start->plus($step->times($line))->minus($width);
        $upright = $level = $stones = 0;
        foreach ($lines($columns) as $line) {
            for ($row = 0; $row < $rows; $row++) {
                $this->layout->frame[] = new Patch(
                    $sashing->slot->id,
                    Outline::rectangle(
                        $at($line, $pitch->width),
                        $start->plus($pitch->height->times($row)),
                        new Size($width, $block->height),
                    ),
                );
                $upright++;
            }
        }
        $long = [];
        foreach ($lines($rows) as $line) {
            if ($sashing->cornerstone === null) {
                $this->layout->frame[] = $long[] = new Patch(
                    $sashing->slot->id,
                    Outline::rectangle(Length::zero(), $at($line, $pitch->height), new Size($this->layout->finished->width, $width)),
                );

                continue;
            }
            for ($column = 0; $column < $columns; $column++) {
                $this->layout->frame[] = new Patch(
                    $sashing->slot->id,
                    Outline::rectangle(
                        $start->plus($pitch->width->times($column)),
                        $at($line, $pitch->height),
                        new Size($block->width, $width),
                    ),
                );
                $level++;
            }
            foreach ($lines($columns) as $column) {
                $this->layout->frame[] = new Patch(
                    $sashing->cornerstone->id,
                    Outline::rectangle($at($column, $pitch->width), $at($line, $pitch->height), Size::square($width)),
                );
                $stones++;
            }
        }
        if ($block->isSquare()) {
            [$upright, $level] = [$upright + $level, 0];
        }
        $this->layout->part('sashes', $sashing->slot, new PlainUnit(new Size($width, $block->height), $sashing->slot), $upright, $sashing->name);
        $this->layout->part('level-sashes', $sashing->slot, new PlainUnit(new Size($block->width, $width), $sashing->slot), $level, $sashing->name);
        if ($sashing->cornerstone !== null) {
            $this->layout->part(
                'cornerstones',
                $sashing->cornerstone,
                new PlainUnit(Size::square($width), $sashing->cornerstone),
                $stones,
                $sashing->cornerstoneName,
            );
        }
        if ($long !== []) {
            $this->layout->part(
                'row-sashes',
                $sashing->slot,
                new LongStrips($sashing->slot, $width, [[$this->layout->measures()[0], count($long)]], $long, $this->layout->finished, false),
                1,
                $sashing->name,
            );
        }
    }
}
