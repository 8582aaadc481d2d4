<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\PlainUnit;

/** Blocks on their corners, with others between them and triangles along the edge. */
final readonly class OnPointLayout implements SettingLayout
{
    private Setting $setting;

    private QuiltSize $size;

    public function __construct(private Layout $layout)
    {
        $this->setting = $layout->setting;
        $this->size = $layout->size;
    }

    public function arrange(): void
    {
        $block = $this->layout->commonSize();
        if (! $block->isSquare()) {
            throw new Refused('setting.on_point_square');
        }
        $side = $block->width;
        $sash = $this->setting->sashing->width ?? Length::zero();
        $pitch = $side->plus($sash)->timesRoot2();
        $half = $pitch->dividedBy(2);
        // From the outermost row to the top corner of a block lies half of the cornerstone above it.
        $stone = $sash->timesRoot2()->dividedBy(2);
        [$columns, $rows] = [$this->size->columns, $this->size->rows];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $key = $this->setting->blockAt($this->size, $column, $row) ?? throw new Refused('setting.on_point_full');
                $this->layout->place($key, $half->plus($pitch->times($column)), $pitch->times($row)->plus($stone), 45);
            }
        }
        $alternate = $this->setting->alternate;
        if ($alternate === null && $columns > 1 && $rows > 1) {
            throw new Refused('setting.needs_alternate');
        }
        for ($row = 0; $row < $rows - 1; $row++) {
            for ($column = 0; $column < $columns - 1; $column++) {
                $this->layout->place((string) $alternate, $pitch->times($column + 1), $half->plus($pitch->times($row))->plus($stone), 45);
            }
        }
        $this->layout->finished = new Size($pitch->times($columns), $pitch->times($rows));
        if ($this->setting->sashing !== null) {
            $this->sashOnPoint($this->setting->sashing, $side, $half, $stone);
        }
        if ($this->setting->side === null) {
            // On each of the four sides, m + n − 1 blocks have no neighbour: those of the first row and the first column that way.
            $this->layout->perimeter = $side->times(4 * ($columns + $rows - 1));
            if ($this->setting->bordersOf($this->size) !== []) {
                throw new Refused('setting.points_without_border');
            }

            return;
        }
        $this->layout->perimeter = $this->layout->finished->width->plus($this->layout->finished->height)->times(2);
        $this->fillEdge($this->setting->side, $this->setting->corner ?? $this->setting->side, $side, $half, $stone);
    }

    /**
     * Sashes along every side of every block and cornerstones where they meet; at the edge of the quilt those are halves, whose long side
     * lies outside.
     *
     * @param  Length  $half  from the middle of a block to the middle of a cornerstone beside it
     * @param  Length  $stone  from the middle of a cornerstone to its corners
     */
    private function sashOnPoint(Sashing $sashing, Length $side, Length $half, Length $stone): void
    {
        if ($sashing->cornerstone === null) {
            throw new Refused('setting.needs_cornerstones');
        }
        if ($this->setting->side === null) {
            throw new Refused('setting.needs_side_triangles');
        }
        [$columns, $rows] = [$this->size->columns, $this->size->rows];
        $at = fn (Length $x, Length $y): Point => new Point($x, $y);
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                [$x, $y] = [$half->times(2 * $column + 1), $half->times(2 * $row + 1)];
                foreach ([[1, -1], [1, 1], [-1, 1], [-1, -1]] as [$right, $down]) {
                    // From the cornerstone above or below the block to the one on its right or left.
                    [$end, $beside] = [$y->plus($half->times($down)), $x->plus($half->times($right))];
                    $this->layout->frame[] = new Patch($sashing->slot->id, new Outline(
                        $at($x->plus($stone->times($right)), $end),
                        $at($beside, $y->plus($stone->times($down))),
                        $at($beside->minus($stone->times($right)), $y),
                        $at($x, $end->minus($stone->times($down))),
                    ));
                }
            }
        }
        $whole = 0;
        foreach ($this->stones($columns, $rows) as [$across, $down]) {
            [$x, $y] = [$half->times($across), $half->times($down)];
            $corners = array_values(array_filter([
                $down > 0 ? $at($x, $y->minus($stone)) : null,
                $across < 2 * $columns ? $at($x->plus($stone), $y) : null,
                $down < 2 * $rows ? $at($x, $y->plus($stone)) : null,
                $across > 0 ? $at($x->minus($stone), $y) : null,
            ]));
            $this->layout->frame[] = new Patch($sashing->cornerstone->id, new Outline(...$corners));
            $whole += count($corners) === 4 ? 1 : 0;
        }
        $this->layout->part(
            'sashes',
            $sashing->slot,
            new PlainUnit(new Size($sashing->width, $side), $sashing->slot),
            4 * $columns * $rows,
            $sashing->name,
        );
        $stoneUnit = new PlainUnit(Size::square($sashing->width), $sashing->cornerstone);
        $this->layout->part('cornerstones', $sashing->cornerstone, $stoneUnit, $whole, $sashing->cornerstoneName);
        $this->layout->part(
            'half-cornerstones',
            $sashing->cornerstone,
            SettingTriangle::side($sashing->width, $sashing->cornerstone),
            2 * ($columns + $rows),
            $sashing->cornerstoneName,
        );
    }

    /**
     * Where cornerstones lie between blocks on point, in half pitches: above and below, and to the left and right of every block.
     *
     * @return list<array{int, int}>
     */
    private function stones(int $columns, int $rows): array
    {
        $stones = [];
        for ($down = 0; $down <= 2 * $rows; $down++) {
            for ($across = $down % 2 === 0 ? 1 : 0; $across <= 2 * $columns; $across += 2) {
                $stones[] = [$across, $down];
            }
        }

        return $stones;
    }

    private function fillEdge(Slot $slot, Slot $cornerSlot, Length $side, Length $half, Length $stone): void
    {
        [$width, $height] = [$this->layout->finished->width, $this->layout->finished->height];
        $zero = Length::zero();
        $at = fn (Length $x, Length $y): Point => new Point($x, $y);
        $sides = 0;
        // A triangle reaches from one cornerstone to the next and down to the one between; without sashing those are points.
        $deep = $half->minus($stone);
        for ($column = 1; $column < $this->size->columns; $column++) {
            $middle = $half->times(2 * $column);
            [$from, $to] = [$middle->minus($deep), $middle->plus($deep)];
            $this->layout->frame[] = new Patch($slot->id, new Outline($at($from, $zero), $at($to, $zero), $at($middle, $deep)));
            $this->layout->frame[] = new Patch($slot->id, new Outline($at($middle, $height->minus($deep)), $at($to, $height), $at($from, $height)));
            $sides += 2;
        }
        for ($row = 1; $row < $this->size->rows; $row++) {
            $middle = $half->times(2 * $row);
            [$from, $to] = [$middle->minus($deep), $middle->plus($deep)];
            $this->layout->frame[] = new Patch($slot->id, new Outline($at($zero, $from), $at($deep, $middle), $at($zero, $to)));
            $this->layout->frame[] = new Patch($slot->id, new Outline($at($width, $from), $at($width, $to), $at($width->minus($deep), $middle)));
            $sides += 2;
        }
        [$right, $bottom] = [$width->minus($deep), $height->minus($deep)];
        $this->layout->frame[] = new Patch($cornerSlot->id, new Outline($at($zero, $zero), $at($deep, $zero), $at($zero, $deep)));
        $this->layout->frame[] = new Patch($cornerSlot->id, new Outline($at($right, $zero), $at($width, $zero), $at($width, $deep)));
        $this->layout->frame[] = new Patch($cornerSlot->id, new Outline($at($width, $bottom), $at($width, $height), $at($right, $height)));
        $this->layout->frame[] = new Patch($cornerSlot->id, new Outline($at($zero, $bottom), $at($deep, $height), $at($zero, $height)));
        $this->layout->part('side-triangles', $slot, SettingTriangle::side($side, $slot), $sides);
        $this->layout->part('corner-triangles', $cornerSlot, SettingTriangle::corner($side, $cornerSlot), 4);
    }
}
