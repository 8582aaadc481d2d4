<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Joined;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\Workings;
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

    public readonly CuttingRoom $room;

    /** Inches around the outside, where the binding goes. */
    public Length $perimeter;

    /** What a join of quilted blocks takes off each side of a finished block; below zero where its allowance shows. */
    public Length $crop;

    /** What stands out beyond the outermost joins, where the quilt's edge is kept. */
    public Length $edge;

    /**
     * @param  array<string, Unit>  $products  units and blocks by key
     */
    private function __construct(
        public readonly Setting $setting,
        public readonly QuiltSize $size,
        public readonly array $products,
        private readonly Workings $workings,
    ) {
        $this->room = $workings->room;
        $this->crop = $this->edge = Length::zero();
    }

    /**
     * @param  array<string, Unit>  $products  units and blocks by key, at the size's scale
     * @param  Workings  $workings  what is known of units, and the cutting room, whose seam allowance tells how large a block is trimmed before
     *     it is quilted
     *
     * @throws InvalidArgumentException when blocks, sashing, borders or joins do not come out
     */
    public static function of(Setting $setting, QuiltSize $size, array $products, Workings $workings): self
    {
        $layout = new self($setting, $size, $products, $workings);
        try {
            $how = match ($setting->kind) {
                SettingKind::Straight => new StraightLayout($layout),
                SettingKind::OnPoint => new OnPointLayout($layout),
                SettingKind::Sixty => new SixtyLayout($layout),
            };
            $how->arrange();
        } catch (MeasureException) {
            throw new Refused($setting->kind === SettingKind::Sixty ? 'setting.side_with_root_2' : 'setting.side_with_root_3');
        }
        $layout->owners = array_fill(0, count($layout->frame), '');
        (new BorderLayout($layout))->arrange();

        return $layout;
    }

    /**
     * What has been laid out so far measures when it is sewn, raw edge to raw edge.
     *
     * @return array{Measurement, Measurement} width and height
     */
    public function measures(): array
    {
        if ($this->setting->kind !== SettingKind::Straight) {
            $size = $this->finished->outsetBy($this->room->seam);

            return [Measurement::exact($size->width), Measurement::exact($size->height)];
        }
        $joined = new Joined($this->room->seam);
        $known = [];
        foreach ($this->placements as $place) {
            $block = $this->products[$place->product];
            $joined->place($place, $block->finished(), $known[$place->product] ??= $this->workings->joined($block));
        }
        foreach ($this->frame as $patch) {
            $joined->strip($patch->outline);
        }

        return $joined->measures();
    }

    /** @param  list<Patch>  $patches */
    public function lay(array $patches, Length $x, Length $y): void
    {
        foreach ($patches as $patch) {
            $this->frame[] = $patch->movedBy($x, $y);
        }
    }

    public function place(string $key, Length $x, Length $y, int $turn = 0): void
    {
        $this->placements[] = new Placement($key, $x, $y, $turn);
        $this->blockCounts[$key] = ($this->blockCounts[$key] ?? 0) + 1;
    }

    public function part(string $key, Slot $slot, Unit $unit, int $count, ?string $name = null): void
    {
        if ($count > 0) {
            $this->parts[$key] = new SettingPart($key, $name ?? $slot->name, $unit, $count);
        }
    }

    /** @throws InvalidArgumentException when the blocks of this size are not all equally large */
    public function commonSize(): Size
    {
        $keys = array_filter(array_merge(...($this->size->pattern ?? $this->setting->pattern)), fn (?string $key): bool => $key !== null);
        if ($this->setting->alternate !== null) {
            $keys[] = $this->setting->alternate;
        }
        $common = null;
        foreach ($keys as $key) {
            $finished = $this->products[$key]->finished();
            if ($common !== null && ! $finished->equals($common)) {
                throw new Refused('setting.sizes_differ', ['block' => $key, 'other' => (string) reset($keys)]);
            }
            $common = $finished;
        }

        return $common ?? throw new Refused('setting.empty_pattern');
    }
}
