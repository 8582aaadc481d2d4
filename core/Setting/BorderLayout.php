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
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\PlainUnit;
use Dew\Core\Unit\Unit;

/** Borders round whatever is there, from the inside outwards. */
final readonly class BorderLayout implements SettingLayout
{
    private Setting $setting;

    private QuiltSize $size;

    /** @var array<string, Unit> units and blocks by key */
    private array $products;

    private CuttingRoom $room;

    public function __construct(private Layout $layout)
    {
        $this->setting = $layout->setting;
        $this->size = $layout->size;
        $this->products = $layout->products;
        $this->room = $layout->room;
    }

    public function arrange(): void
    {
        $borders = $this->setting->bordersOf($this->size);
        // Only the innermost border meets blocks; each further one meets the border before it.
        $measures = $borders === [] ? [] : $this->layout->measures();
        foreach ($borders as $border) {
            $inner = $this->layout->finished;
            $this->layout->finished = $inner->outsetBy($border->width);
            $this->layout->perimeter = $this->layout->finished->width->plus($this->layout->finished->height)->times(2);
            $this->layout->placements = array_map(
                fn (Placement $place): Placement => new Placement(
                    $place->product,
                    $place->x->plus($border->width),
                    $place->y->plus($border->width),
                    $place->turn,
                ),
                $this->layout->placements,
            );
            $this->layout->frame = array_map(fn (Patch $patch): Patch => $patch->movedBy($border->width, $border->width), $this->layout->frame);
            if ($border->unit !== null) {
                $this->pieced($border, $border->unit, $inner);
            } elseif ($border->slot !== null) {
                $this->plain($border, $border->slot, $measures);
            }
            $this->corners($border);
            $measures = $this->around($border, $measures);
            $this->layout->owners = array_pad($this->layout->owners, count($this->layout->frame), $border->id);
        }
    }

    /**
     * Width and height with a border sewn on.
     *
     * @param  array<int, Measurement>  $measures  of what is there
     * @return array{Measurement, Measurement}
     */
    private function around(Border $border, array $measures): array
    {
        $outer = $this->layout->finished->outsetBy($this->room->seam);
        $strip = $border->slot === null ? [] : [$this->room->unfinished($border->width), $this->room->unfinished($border->width)];

        return [
            Measurement::sewn($outer->width, [$measures[0], ...$strip]), Measurement::sewn($outer->height, [$measures[1], ...$strip]),
        ];
    }

    /**
     * Sides as long as what is there, then top and bottom across the whole width; with corner squares all four as long as what is there.
     *
     * @param  array<int, Measurement>  $measures  of what is there, raw edge to raw edge
     */
    private function plain(Border $border, Slot $slot, array $measures): void
    {
        $width = $border->width;
        $zero = Length::zero();
        if ($border->mitred) {
            $this->mitred($border, $slot, $measures);

            return;
        }
        $inner = $this->layout->finished->outsetBy($width->negated());
        [$left, $level] = $border->hasCorners()
            ? [$width, new Size($inner->width, $width)]
            : [$zero, new Size($this->layout->finished->width, $width)];
        $upright = new Size($width, $inner->height);
        $across = $border->hasCorners() ? $measures[0] : $this->around($border, $measures)[0];
        $patches = [];
        foreach ([
            [$left, $zero, $level],
            [$left, $this->layout->finished->height->minus($width), $level],
            [$zero, $width, $upright],
            [$this->layout->finished->width->minus($width), $width, $upright],
        ] as [$x, $y, $size]) {
            $patches[] = new Patch($slot->id, Outline::rectangle($x, $y, $size));
        }
        array_push($this->layout->frame, ...$patches);
        $this->layout->parts['border:'.$border->id] = new SettingPart(
            'border:'.$border->id,
            $border->name,
            new LongStrips($slot, $width, [[$measures[1], 2], [$across, 2]], $patches, $this->layout->finished, true, sewn: $this->around($border, $measures)),
            1,
        );
    }

    /**
     * Four strips that meet on slants of 45°. A strip that finishes L along its outside is cut L + 2s(1 + √2) long: its ends lie a seam
     * allowance outside of the slant, and that allowance runs out at the raw edge at half of 45°.
     *
     * @param  array<int, Measurement>  $measures  of what is there, raw edge to raw edge
     */
    private function mitred(Border $border, Slot $slot, array $measures): void
    {
        [$width, $zero, $outer] = [$border->width, Length::zero(), $this->layout->finished];
        $at = fn (Length $x, Length $y): Point => new Point($x, $y);
        [$right, $bottom] = [$outer->width->minus($width), $outer->height->minus($width)];
        $patches = array_map(fn (array $corners): Patch => new Patch($slot->id, new Outline(...$corners)), [
            [$at($zero, $zero), $at($outer->width, $zero), $at($right, $width), $at($width, $width)],
            [$at($width, $bottom), $at($right, $bottom), $at($outer->width, $outer->height), $at($zero, $outer->height)],
            [$at($zero, $zero), $at($width, $width), $at($width, $bottom), $at($zero, $outer->height)],
            [$at($right, $width), $at($outer->width, $zero), $at($outer->width, $outer->height), $at($right, $bottom)],
        ]);
        array_push($this->layout->frame, ...$patches);
        $slant = $this->room->seam->timesRoot2()->times(2);
        [$across, $down] = $this->around($border, $measures);
        $this->layout->parts['border:'.$border->id] = new SettingPart(
            'border:'.$border->id,
            $border->name,
            new LongStrips(
                $slot, $width, [[$down->plus($slant), 2], [$across->plus($slant), 2]], $patches, $outer, true, mitred: true, sewn: [$across, $down],
            ),
            1,
        );
    }

    private function pieced(Border $border, string $key, Size $inner): void
    {
        $unit = $this->products[$key];
        $size = $unit->finished();
        if (! $size->height->equals($border->width)) {
            throw new Refused('setting.border_width', ['id' => $border->id, 'width' => $border->width->toDecimal(3), 'height' => $size->height->toDecimal(3)]);
        }
        if (! $border->hasCorners()) {
            throw new Refused('setting.border_corners', ['id' => $border->id]);
        }
        $counts = [];
        foreach ([$inner->width, $inner->height] as $length) {
            $count = $length->countOf($size->width);
            if (! $size->width->times($count)->equals($length)) {
                $next = $size->width->times($count + 1)->minus($length)->dividedBy(2);

                throw new Refused('setting.border_length', [
                    'id' => $border->id,
                    'width' => $size->width->toDecimal(3),
                    'length' => $length->toDecimal(3),
                    'next' => $next->toDecimal(3),
                    'count' => $count + 1,
                ]);
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
            $this->layout->lay($patches[0], $x, Length::zero());
            $this->layout->lay($patches[2], $x, $this->layout->finished->height->minus($width));
        }
        for ($index = 0; $index < $counts[1]; $index++) {
            $y = $width->plus($size->width->times($index));
            $this->layout->lay($patches[1], $this->layout->finished->width->minus($width), $y);
            $this->layout->lay($patches[3], Length::zero(), $y);
        }
        $this->layout->unitCounts[$key] = ($this->layout->unitCounts[$key] ?? 0) + 2 * array_sum($counts);
    }

    private function corners(Border $border): void
    {
        $width = $border->width;
        [$zero, $right, $bottom] = [Length::zero(), $this->layout->finished->width->minus($width), $this->layout->finished->height->minus($width)];
        $places = [[$zero, $zero], [$right, $zero], [$right, $bottom], [$zero, $bottom]];
        if ($border->cornerUnit !== null) {
            $unit = $this->products[$border->cornerUnit];
            if (! $unit->finished()->equals(Size::square($width))) {
                throw new Refused('setting.corner_size', ['id' => $border->id, 'width' => $width->toDecimal(3)]);
            }
            foreach ($places as $turns => [$x, $y]) {
                $this->layout->lay(
                    array_map(
                        fn (Patch $patch): Patch => $patch->oriented(Orientation::of(90 * $turns), $unit->finished()),
                        $unit->patches(),
                    ),
                    $x,
                    $y,
                );
            }
            $this->layout->unitCounts[$border->cornerUnit] = ($this->layout->unitCounts[$border->cornerUnit] ?? 0) + 4;
        } elseif ($border->corner !== null) {
            foreach ($places as [$x, $y]) {
                $this->layout->frame[] = new Patch($border->corner->id, Outline::rectangle($x, $y, Size::square($width)));
            }
            $this->layout->part('border-corners:'.$border->id, $border->corner, new PlainUnit(Size::square($width), $border->corner), 4);
        }
    }
}
