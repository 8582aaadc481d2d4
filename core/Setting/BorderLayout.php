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
        foreach ($this->setting->bordersOf($this->size) as $border) {
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
                $this->plain($border, $border->slot, $inner);
            }
            $this->corners($border);
            $this->layout->owners = array_pad($this->layout->owners, count($this->layout->frame), $border->id);
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
        [$left, $across] = $border->hasCorners() ? [$width, $inner->width] : [$zero, $this->layout->finished->width];
        $upright = new Size($width, $inner->height);
        $level = new Size($across, $width);
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
            new LongStrips($slot, $width, [[$inner->height, 2], [$across, 2]], $patches, $this->layout->finished, true),
            1,
        );
    }

    /**
     * Four strips that meet on slants of 45°. A strip that finishes L along its outside is cut L + 2s(1 + √2) long: its ends lie a seam
     * allowance outside of the slant, and that allowance runs out at the raw edge at half of 45°.
     */
    private function mitred(Border $border, Slot $slot): void
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
        $this->layout->parts['border:'.$border->id] = new SettingPart(
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
