<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Sixty\OnSixtyAxes;
use Dew\Core\Sixty\SixtyGrid;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Sixty\SixtySpot;
use Dew\Core\Unit\Kind\SixtyTriangle;
use Dew\Core\Unit\MirroredUnit;
use Dew\Core\Unit\Unit;
use InvalidArgumentException;

/** Rows of 60° triangles and what fills as many of them. */
final readonly class SixtyLayout implements SettingLayout
{
    private Setting $setting;

    private QuiltSize $size;

    /** @var array<string, Unit> units and blocks by key */
    private array $products;

    public function __construct(private Layout $layout)
    {
        $this->setting = $layout->setting;
        $this->size = $layout->size;
        $this->products = $layout->products;
    }

    /**
     * Rows of triangles of side a, point up and point down in turn: (n + 1)a/2 wide and a√3/2 high each, with half triangles at the ends.
     * Whatever is not covered by a block is a triangle of the setting's fabric.
     */
    public function arrange(): void
    {
        [$columns, $rows] = [$this->size->columns, $this->size->rows];
        $grid = SixtyGrid::ofQuilt($columns, $rows);
        $side = $this->commonSide();
        $slot = $this->setting->side ?? throw new Refused('setting.needs_end_triangles');
        $this->layout->finished = new Size($side->times($columns + 1, 2), $side->times($rows, 2)->timesRoot3());
        $this->layout->perimeter = $this->layout->finished->width->plus($this->layout->finished->height)->times(2);
        $taken = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 1; $column <= $columns; $column++) {
                $key = $this->setting->blockAt($this->size, $column - 1, $row);
                $spot = $key === null ? null : $this->fitting($grid, $row, $column, $key, $taken);
                if ($key !== null && $spot !== null) {
                    $this->laid($spot, $key, $side);
                    foreach ($grid->covered($spot) as [$down, $place]) {
                        $taken[$down][$place] = true;
                    }
                }
            }
        }
        if ($this->layout->placements === [] && $this->setting->ends === null) {
            throw new Refused('setting.no_block_left');
        }
        $counts = ['fill-triangles' => 0, 'row-ends' => 0, 'mirrored-row-ends' => 0];
        for ($row = 0; $row < $rows; $row++) {
            for ($place = 0; $place < $grid->places($row); $place++) {
                $half = $grid->isHalf($row, $place);
                $spot = $grid->spot($row, $place, $half ? SixtyShape::HalfTriangle : SixtyShape::Triangle);
                if ($half && $this->setting->ends !== null) {
                    $this->laid($spot, $this->setting->ends[$spot->mirrored ? 1 : 0], $side);
                } elseif ($half || ! isset($taken[$row][$place])) {
                    $this->layout->frame[] = new Patch($slot->id, $spot->outline($side));
                    $counts[$half ? ($spot->mirrored ? 'mirrored-row-ends' : 'row-ends') : 'fill-triangles']++;
                }
            }
        }
        $end = SixtyTriangle::half($side, $slot);
        $this->layout->part('fill-triangles', $slot, SixtyTriangle::whole($side, $slot), $counts['fill-triangles']);
        $this->layout->part('row-ends', $slot, $end, $counts['row-ends']);
        $this->layout->part('mirrored-row-ends', $slot, new MirroredUnit($end), $counts['mirrored-row-ends']);
    }

    private function laid(SixtySpot $spot, string $key, Length $side): void
    {
        $this->layout->placements[] = $spot->placement($key, $this->products[$key], $side);
        $this->layout->blockCounts[$key] = ($this->layout->blockCounts[$key] ?? 0) + 1;
    }

    /**
     * Where a block comes to lie; null where something lies already, or where a diamond would reach beyond the edge.
     *
     * @param  array<int, array<int, true>>  $taken
     */
    private function fitting(SixtyGrid $grid, int $row, int $place, string $key, array $taken): ?SixtySpot
    {
        $shape = $this->shapeOf($key);
        $turn = $shape === SixtyShape::Diamond && $this->setting->upright ? 5 : null;
        try {
            $spot = $grid->spot($row, $place, $shape, 1, $turn);
        } catch (InvalidArgumentException) {
            return null;
        }
        foreach ($grid->covered($spot) as [$down, $at]) {
            if (isset($taken[$down][$at])) {
                return null;
            }
        }

        return $spot;
    }

    private function shapeOf(string $key): SixtyShape
    {
        $product = $this->products[$key];

        return $product instanceof OnSixtyAxes
            ? $product->shape()
            : throw new Refused('setting.not_on_sixty', ['block' => $key]);
    }

    /** @throws InvalidArgumentException when the blocks of this size have not all the same side */
    private function commonSide(): Length
    {
        $keys = array_filter(array_merge(...($this->size->pattern ?? $this->setting->pattern)), fn (?string $key): bool => $key !== null);
        $common = null;
        foreach ([...$keys, ...($this->setting->ends ?? [])] as $key) {
            $side = $this->shapeOf($key)->side($this->products[$key]->finished());
            if ($common !== null && ! $side->equals($common)) {
                throw new Refused('setting.sides_differ', ['block' => $key, 'other' => (string) reset($keys)]);
            }
            $common = $side;
        }

        return $common ?? throw new Refused('setting.empty_pattern');
    }
}
