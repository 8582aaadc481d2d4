<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Size;
use Dew\Core\Sixty\OnSixtyAxes;
use Dew\Core\Sixty\SixtyGrid;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Sixty\SixtySpot;
use Dew\Core\Unit\Kind\PlainUnit;
use Dew\Core\Unit\Kind\SixtyTriangle;
use Dew\Core\Unit\MirroredUnit;
use Dew\Core\Unit\Unit;
use InvalidArgumentException;

/** A quilt of one size laid out: where every block lies, and everything between and around them. */
final class Layout
{
    /** @var list<Placement> */
    public array $placements = [];

    /** @var list<Patch> sashes, setting triangles and borders, in finished inches from the quilt's top left corner */
    public array $frame = [];

    /** @var list<string> for each patch of the frame, the id of the border it belongs to; empty for what lies within the borders */
    public array $owners = [];

    /** @var array<string, int> how many of each block the size takes, by product key */
    public array $blockCounts = [];

    /** @var array<string, SettingPart> by key */
    public array $parts = [];

    /** @var array<string, int> units that pieced borders take, by product key */
    public array $unitCounts = [];

    public Size $finished;

    /** Inches around the outside, where the binding goes. */
    public Length $perimeter;

    /** What a join of quilted blocks takes off each side of a finished block; below zero where its allowance shows. */
    public Length $crop;

    /** What stands out beyond the outermost joins, where the quilt's edge is kept. */
    private Length $edge;

    /**
     * @param  array<string, Unit>  $products  units and blocks by key
     */
    private function __construct(
        private readonly Setting $setting,
        private readonly QuiltSize $size,
        private readonly array $products,
        private readonly CuttingRoom $room,
    ) {
        $this->crop = $this->edge = Length::zero();
    }

    /**
     * @param  array<string, Unit>  $products  units and blocks by key, at the size's scale
     * @param  CuttingRoom  $room  its seam allowance tells how large a block is trimmed before it is quilted
     *
     * @throws InvalidArgumentException when blocks, sashing, borders or joins do not come out
     */
    public static function of(Setting $setting, QuiltSize $size, array $products, CuttingRoom $room): self
    {
        $layout = new self($setting, $size, $products, $room);
        try {
            match ($setting->kind) {
                SettingKind::Straight => $layout->straight(),
                SettingKind::OnPoint => $layout->onPoint(),
                SettingKind::Sixty => $layout->onSixty(),
            };
        } catch (MeasureException) {
            throw new InvalidArgumentException($setting->kind === SettingKind::Sixty
                ? 'These blocks cannot be set in rows of 60° triangles: their side holds √2.'
                : 'These blocks cannot be set on point: their side holds √3.');
        }
        $layout->owners = array_fill(0, count($layout->frame), '');
        $layout->borders();

        return $layout;
    }

    private function straight(): void
    {
        $drawn = $this->commonSize();
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
                $left = $out->plus($pitch->width->times($column))->plus($this->edge)->minus($this->crop);
                $top = $out->plus($pitch->height->times($row))->plus($this->edge)->minus($this->crop);
                $this->place($key, $left, $top);
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
        if ($this->placements === []) {
            throw new InvalidArgumentException(
                'The pattern leaves no block at this size; give it more columns or rows, or a pattern of its own.',
            );
        }
        $between = fn (int $count): int => $sashing === null ? 0 : $count - 1 + ($sashing->outside ? 2 : 0);
        $this->finished = new Size(
            $block->width->times($columns)->plus($width->times($between($columns)))->plus($this->edge->times(2)),
            $block->height->times($rows)->plus($width->times($between($rows)))->plus($this->edge->times(2)),
        );
        $this->perimeter = $gaps
            ? $block->width->times($edges[0])->plus($block->height->times($edges[1]))
            : $this->finished->width->plus($this->finished->height)->times(2);
        if ($gaps && ($sashing !== null || $this->setting->bordersOf($this->size) !== [])) {
            throw new InvalidArgumentException(
                'A quilt with empty places has no sashing and no border: its outline is no rectangle. Fill the places or leave those out.',
            );
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
            throw new InvalidArgumentException(
                'Blocks quilted one by one are joined to each other: leave sashing and borders out, or make them blocks.',
            );
        }
        $pitch = $quilting->pitch($block, $this->room);
        if (! $pitch->width->isPositive() || ! $pitch->height->isPositive()) {
            throw new InvalidArgumentException('The join takes more than there is of a block; make its allowance smaller.');
        }
        $this->crop = $block->width->minus($pitch->width)->dividedBy(2);
        $this->edge = $quilting->edge();

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
                $this->frame[] = new Patch(
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
                $this->frame[] = $long[] = new Patch(
                    $sashing->slot->id,
                    Outline::rectangle(Length::zero(), $at($line, $pitch->height), new Size($this->finished->width, $width)),
                );

                continue;
            }
            for ($column = 0; $column < $columns; $column++) {
                $this->frame[] = new Patch(
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
                $this->frame[] = new Patch(
                    $sashing->cornerstone->id,
                    Outline::rectangle($at($column, $pitch->width), $at($line, $pitch->height), Size::square($width)),
                );
                $stones++;
            }
        }
        if ($block->isSquare()) {
            [$upright, $level] = [$upright + $level, 0];
        }
        $this->part('sashes', $sashing->slot, new PlainUnit(new Size($width, $block->height), $sashing->slot), $upright, $sashing->name);
        $this->part('level-sashes', $sashing->slot, new PlainUnit(new Size($block->width, $width), $sashing->slot), $level, $sashing->name);
        if ($sashing->cornerstone !== null) {
            $this->part(
                'cornerstones',
                $sashing->cornerstone,
                new PlainUnit(Size::square($width), $sashing->cornerstone),
                $stones,
                $sashing->cornerstoneName,
            );
        }
        if ($long !== []) {
            $this->part(
                'row-sashes',
                $sashing->slot,
                new LongStrips($sashing->slot, $width, [[$this->finished->width, count($long)]], $long, $this->finished, false),
                1,
                $sashing->name,
            );
        }
    }

    private function onPoint(): void
    {
        $block = $this->commonSize();
        if (! $block->isSquare()) {
            throw new InvalidArgumentException('Blocks set on point are square.');
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
                $key = $this->setting->blockAt($this->size, $column, $row) ?? throw new InvalidArgumentException(
                    'An on-point setting has no empty places; lay a plain block there.',
                );
                $this->place($key, $half->plus($pitch->times($column)), $pitch->times($row)->plus($stone), 45);
            }
        }
        $alternate = $this->setting->alternate;
        if ($alternate === null && $columns > 1 && $rows > 1) {
            throw new InvalidArgumentException('An on-point setting needs a block for the places between the others: give "alternate".');
        }
        for ($row = 0; $row < $rows - 1; $row++) {
            for ($column = 0; $column < $columns - 1; $column++) {
                $this->place((string) $alternate, $pitch->times($column + 1), $half->plus($pitch->times($row))->plus($stone), 45);
            }
        }
        $this->finished = new Size($pitch->times($columns), $pitch->times($rows));
        if ($this->setting->sashing !== null) {
            $this->sashOnPoint($this->setting->sashing, $side, $half, $stone);
        }
        if ($this->setting->side === null) {
            // Of each of a block's four sides, those of the first row and the first column of that direction have no neighbour: m + n − 1
            // sides.
            $this->perimeter = $side->times(4 * ($columns + $rows - 1));
            if ($this->setting->bordersOf($this->size) !== []) {
                throw new InvalidArgumentException(
                    'A quilt whose edge is left in points has no border; give it side triangles or leave the border out.',
                );
            }

            return;
        }
        $this->perimeter = $this->finished->width->plus($this->finished->height)->times(2);
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
            throw new InvalidArgumentException('Between blocks on point sashes meet in cornerstones: give the cornerstones a fabric.');
        }
        if ($this->setting->side === null) {
            throw new InvalidArgumentException('Sashed blocks on point need triangles at the edge: give the side triangles a fabric.');
        }
        [$columns, $rows] = [$this->size->columns, $this->size->rows];
        $at = fn (Length $x, Length $y): Point => new Point($x, $y);
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                [$x, $y] = [$half->times(2 * $column + 1), $half->times(2 * $row + 1)];
                foreach ([[1, -1], [1, 1], [-1, 1], [-1, -1]] as [$right, $down]) {
                    // From the cornerstone above or below the block to the one on its right or left.
                    [$end, $beside] = [$y->plus($half->times($down)), $x->plus($half->times($right))];
                    $this->frame[] = new Patch($sashing->slot->id, new Outline(
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
            $this->frame[] = new Patch($sashing->cornerstone->id, new Outline(...$corners));
            $whole += count($corners) === 4 ? 1 : 0;
        }
        $this->part(
            'sashes',
            $sashing->slot,
            new PlainUnit(new Size($sashing->width, $side), $sashing->slot),
            4 * $columns * $rows,
            $sashing->name,
        );
        $stoneUnit = new PlainUnit(Size::square($sashing->width), $sashing->cornerstone);
        $this->part('cornerstones', $sashing->cornerstone, $stoneUnit, $whole, $sashing->cornerstoneName);
        $this->part(
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
        [$width, $height] = [$this->finished->width, $this->finished->height];
        $zero = Length::zero();
        $at = fn (Length $x, Length $y): Point => new Point($x, $y);
        $sides = 0;
        // A triangle reaches from one cornerstone to the next and down to the one between; without sashing those are points.
        $deep = $half->minus($stone);
        for ($column = 1; $column < $this->size->columns; $column++) {
            $middle = $half->times(2 * $column);
            [$from, $to] = [$middle->minus($deep), $middle->plus($deep)];
            $this->frame[] = new Patch($slot->id, new Outline($at($from, $zero), $at($to, $zero), $at($middle, $deep)));
            $this->frame[] = new Patch($slot->id, new Outline($at($middle, $height->minus($deep)), $at($to, $height), $at($from, $height)));
            $sides += 2;
        }
        for ($row = 1; $row < $this->size->rows; $row++) {
            $middle = $half->times(2 * $row);
            [$from, $to] = [$middle->minus($deep), $middle->plus($deep)];
            $this->frame[] = new Patch($slot->id, new Outline($at($zero, $from), $at($deep, $middle), $at($zero, $to)));
            $this->frame[] = new Patch($slot->id, new Outline($at($width, $from), $at($width, $to), $at($width->minus($deep), $middle)));
            $sides += 2;
        }
        [$right, $bottom] = [$width->minus($deep), $height->minus($deep)];
        $this->frame[] = new Patch($cornerSlot->id, new Outline($at($zero, $zero), $at($deep, $zero), $at($zero, $deep)));
        $this->frame[] = new Patch($cornerSlot->id, new Outline($at($right, $zero), $at($width, $zero), $at($width, $deep)));
        $this->frame[] = new Patch($cornerSlot->id, new Outline($at($width, $bottom), $at($width, $height), $at($right, $height)));
        $this->frame[] = new Patch($cornerSlot->id, new Outline($at($zero, $bottom), $at($deep, $height), $at($zero, $height)));
        $this->part('side-triangles', $slot, SettingTriangle::side($side, $slot), $sides);
        $this->part('corner-triangles', $cornerSlot, SettingTriangle::corner($side, $cornerSlot), 4);
    }

    /**
     * Rows of triangles of side a, point up and point down in turn: (n + 1)a/2 wide and a√3/2 high each, with half triangles at the ends.
     * Whatever is not covered by a block is a triangle of the setting's fabric.
     */
    private function onSixty(): void
    {
        [$columns, $rows] = [$this->size->columns, $this->size->rows];
        $grid = SixtyGrid::ofQuilt($columns, $rows);
        $side = $this->commonSide();
        $slot = $this->setting->side ?? throw new InvalidArgumentException(
            'Rows of 60° triangles need a fabric for their ends: give "triangles".',
        );
        $this->finished = new Size($side->times($columns + 1, 2), $side->times($rows, 2)->timesRoot3());
        $this->perimeter = $this->finished->width->plus($this->finished->height)->times(2);
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
        if ($this->placements === [] && $this->setting->ends === null) {
            throw new InvalidArgumentException(
                'The pattern leaves no block at this size; give it more columns or rows, or a pattern of its own.',
            );
        }
        $counts = ['fill-triangles' => 0, 'row-ends' => 0, 'mirrored-row-ends' => 0];
        for ($row = 0; $row < $rows; $row++) {
            for ($place = 0; $place < $grid->places($row); $place++) {
                $half = $grid->isHalf($row, $place);
                $spot = $grid->spot($row, $place, $half ? SixtyShape::HalfTriangle : SixtyShape::Triangle);
                if ($half && $this->setting->ends !== null) {
                    $this->laid($spot, $this->setting->ends[$spot->mirrored ? 1 : 0], $side);
                } elseif ($half || ! isset($taken[$row][$place])) {
                    $this->frame[] = new Patch($slot->id, $spot->outline($side));
                    $counts[$half ? ($spot->mirrored ? 'mirrored-row-ends' : 'row-ends') : 'fill-triangles']++;
                }
            }
        }
        $end = SixtyTriangle::half($side, $slot);
        $this->part('fill-triangles', $slot, SixtyTriangle::whole($side, $slot), $counts['fill-triangles']);
        $this->part('row-ends', $slot, $end, $counts['row-ends']);
        $this->part('mirrored-row-ends', $slot, new MirroredUnit($end), $counts['mirrored-row-ends']);
    }

    private function laid(SixtySpot $spot, string $key, Length $side): void
    {
        $this->placements[] = $spot->placement($key, $this->products[$key], $side);
        $this->blockCounts[$key] = ($this->blockCounts[$key] ?? 0) + 1;
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
            : throw new InvalidArgumentException(sprintf('Block "%s" does not stand on 60° axes.', $key));
    }

    /** @throws InvalidArgumentException when the blocks of this size have not all the same side */
    private function commonSide(): Length
    {
        $keys = array_filter(array_merge(...($this->size->pattern ?? $this->setting->pattern)), fn (?string $key): bool => $key !== null);
        $common = null;
        foreach ([...$keys, ...($this->setting->ends ?? [])] as $key) {
            $side = $this->shapeOf($key)->side($this->products[$key]->finished());
            if ($common !== null && ! $side->equals($common)) {
                throw new InvalidArgumentException(sprintf(
                    'Block "%s" has another side than "%s"; the triangles and diamonds of one quilt have one side.', $key, reset($keys),
                ));
            }
            $common = $side;
        }

        return $common ?? throw new InvalidArgumentException('The pattern of blocks is empty.');
    }

    private function borders(): void
    {
        foreach ($this->setting->bordersOf($this->size) as $border) {
            $inner = $this->finished;
            $this->finished = $inner->outsetBy($border->width);
            $this->perimeter = $this->finished->width->plus($this->finished->height)->times(2);
            $this->placements = array_map(
                fn (Placement $place): Placement => new Placement(
                    $place->product,
                    $place->x->plus($border->width),
                    $place->y->plus($border->width),
                    $place->turn,
                ),
                $this->placements,
            );
            $this->frame = array_map(fn (Patch $patch): Patch => $patch->movedBy($border->width, $border->width), $this->frame);
            if ($border->unit !== null) {
                $this->pieced($border, $border->unit, $inner);
            } elseif ($border->slot !== null) {
                $this->plain($border, $border->slot, $inner);
            }
            $this->corners($border);
            $this->owners = array_pad($this->owners, count($this->frame), $border->id);
        }
    }

    /**
     * Sides as long as what is there, then top and bottom across the whole width; with corner squares all four as long as what is there.
     */
    private function plain(Border $border, Slot $slot, Size $inner): void
    {
        $width = $border->width;
        $zero = Length::zero();
        if ($border->mitred) {
            $this->mitred($border, $slot);

            return;
        }
        [$left, $across] = $border->hasCorners() ? [$width, $inner->width] : [$zero, $this->finished->width];
        $upright = new Size($width, $inner->height);
        $level = new Size($across, $width);
        $patches = [];
        foreach ([
            [$left, $zero, $level],
            [$left, $this->finished->height->minus($width), $level],
            [$zero, $width, $upright],
            [$this->finished->width->minus($width), $width, $upright],
        ] as [$x, $y, $size]) {
            $patches[] = new Patch($slot->id, Outline::rectangle($x, $y, $size));
        }
        array_push($this->frame, ...$patches);
        $this->parts['border:'.$border->id] = new SettingPart(
            'border:'.$border->id,
            $border->name,
            new LongStrips($slot, $width, [[$inner->height, 2], [$across, 2]], $patches, $this->finished, true),
            1,
        );
    }

    /**
     * Four strips that meet on slants of 45°. A strip that finishes L along its outside is cut L + 2s(1 + √2) long: its ends lie a seam
     * allowance outside of the slant, and that allowance runs out at the raw edge at half of 45°.
     */
    private function mitred(Border $border, Slot $slot): void
    {
        [$width, $zero, $outer] = [$border->width, Length::zero(), $this->finished];
        $at = fn (Length $x, Length $y): Point => new Point($x, $y);
        [$right, $bottom] = [$outer->width->minus($width), $outer->height->minus($width)];
        $patches = array_map(fn (array $corners): Patch => new Patch($slot->id, new Outline(...$corners)), [
            [$at($zero, $zero), $at($outer->width, $zero), $at($right, $width), $at($width, $width)],
            [$at($width, $bottom), $at($right, $bottom), $at($outer->width, $outer->height), $at($zero, $outer->height)],
            [$at($zero, $zero), $at($width, $width), $at($width, $bottom), $at($zero, $outer->height)],
            [$at($right, $width), $at($outer->width, $zero), $at($outer->width, $outer->height), $at($right, $bottom)],
        ]);
        array_push($this->frame, ...$patches);
        $slant = $this->room->seam->timesRoot2()->times(2);
        $this->parts['border:'.$border->id] = new SettingPart(
            'border:'.$border->id,
            $border->name,
            new LongStrips(
                $slot, $width, [[$outer->height->plus($slant), 2], [$outer->width->plus($slant), 2]], $patches, $outer, true, mitred: true,
            ),
            1,
        );
    }

    private function pieced(Border $border, string $key, Size $inner): void
    {
        $unit = $this->products[$key];
        $size = $unit->finished();
        if (! $size->height->equals($border->width)) {
            throw new InvalidArgumentException(
                sprintf(
                    'Border "%s" is %s wide, and the unit it is pieced from %s high.',
                    $border->id,
                    $border->width->toDecimal(3),
                    $size->height->toDecimal(3),
                ),
            );
        }
        if (! $border->hasCorners()) {
            throw new InvalidArgumentException(sprintf('Border "%s" is pieced: give its corners a fabric or a unit.', $border->id));
        }
        $counts = [];
        foreach ([$inner->width, $inner->height] as $length) {
            $count = $length->countOf($size->width);
            if (! $size->width->times($count)->equals($length)) {
                $next = $size->width->times($count + 1)->minus($length)->dividedBy(2);

                throw new InvalidArgumentException(sprintf(
                    'Border "%s" is pieced from units %s long, which do not fill a side of %s. A plain border of %s inside it would make '
                        .'%d of them fit.',
                    $border->id, $size->width->toDecimal(3), $length->toDecimal(3), $next->toDecimal(3), $count + 1,
                ));
            }
            $counts[] = $count;
        }
        $patches = array_map(
            fn (int $turns): array => array_map(
                fn (Patch $patch): Patch => $patch->oriented(Orientation::of(90 * $turns), $size),
                $unit->patches(),
            ),
            [0, 1, 2, 3],
        );
        $width = $border->width;
        for ($index = 0; $index < $counts[0]; $index++) {
            $x = $width->plus($size->width->times($index));
            $this->lay($patches[0], $x, Length::zero());
            $this->lay($patches[2], $x, $this->finished->height->minus($width));
        }
        for ($index = 0; $index < $counts[1]; $index++) {
            $y = $width->plus($size->width->times($index));
            $this->lay($patches[1], $this->finished->width->minus($width), $y);
            $this->lay($patches[3], Length::zero(), $y);
        }
        $this->unitCounts[$key] = ($this->unitCounts[$key] ?? 0) + 2 * array_sum($counts);
    }

    private function corners(Border $border): void
    {
        $width = $border->width;
        [$zero, $right, $bottom] = [Length::zero(), $this->finished->width->minus($width), $this->finished->height->minus($width)];
        $places = [[$zero, $zero], [$right, $zero], [$right, $bottom], [$zero, $bottom]];
        if ($border->cornerUnit !== null) {
            $unit = $this->products[$border->cornerUnit];
            if (! $unit->finished()->equals(Size::square($width))) {
                throw new InvalidArgumentException(
                    sprintf('The corners of border "%s" are squares of %s; their unit is not.', $border->id, $width->toDecimal(3)),
                );
            }
            foreach ($places as $turns => [$x, $y]) {
                $this->lay(
                    array_map(
                        fn (Patch $patch): Patch => $patch->oriented(Orientation::of(90 * $turns), $unit->finished()),
                        $unit->patches(),
                    ),
                    $x,
                    $y,
                );
            }
            $this->unitCounts[$border->cornerUnit] = ($this->unitCounts[$border->cornerUnit] ?? 0) + 4;
        } elseif ($border->corner !== null) {
            foreach ($places as [$x, $y]) {
                $this->frame[] = new Patch($border->corner->id, Outline::rectangle($x, $y, Size::square($width)));
            }
            $this->part('border-corners:'.$border->id, $border->corner, new PlainUnit(Size::square($width), $border->corner), 4);
        }
    }

    /** @param  list<Patch>  $patches */
    private function lay(array $patches, Length $x, Length $y): void
    {
        foreach ($patches as $patch) {
            $this->frame[] = $patch->movedBy($x, $y);
        }
    }

    private function place(string $key, Length $x, Length $y, int $turn = 0): void
    {
        $this->placements[] = new Placement($key, $x, $y, $turn);
        $this->blockCounts[$key] = ($this->blockCounts[$key] ?? 0) + 1;
    }

    private function part(string $key, Slot $slot, Unit $unit, int $count, ?string $name = null): void
    {
        if ($count > 0) {
            $this->parts[$key] = new SettingPart($key, $name ?? $slot->name, $unit, $count);
        }
    }

    /** @throws InvalidArgumentException when the blocks of this size are not all equally large */
    private function commonSize(): Size
    {
        $keys = array_filter(array_merge(...($this->size->pattern ?? $this->setting->pattern)), fn (?string $key): bool => $key !== null);
        if ($this->setting->alternate !== null) {
            $keys[] = $this->setting->alternate;
        }
        $common = null;
        foreach ($keys as $key) {
            $finished = $this->products[$key]->finished();
            if ($common !== null && ! $finished->equals($common)) {
                throw new InvalidArgumentException(
                    sprintf('Block "%s" finishes at another size than "%s"; blocks set together are of one size.', $key, reset($keys)),
                );
            }
            $common = $finished;
        }

        return $common ?? throw new InvalidArgumentException('The pattern of blocks is empty.');
    }
}
