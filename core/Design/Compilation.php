<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Block\Composed;
use Dew\Core\Block\Turnable;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\WayLook;
use Dew\Core\Making\SewingPlan;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Press\PressParts;
use Dew\Core\Press\SewnTop;
use Dew\Core\Setting\Layout;
use Dew\Core\Setting\QuiltSize;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Unit;
use InvalidArgumentException;

/**
 * A design worked out for one cutting room: its units and blocks at every scale, its sizes, and what belongs to each unit alone. Whatever
 * is worked out is kept with the design, apart for every cutting room.
 */
final readonly class Compilation
{
    /** Units that one size may come to, those in its blocks included: what 240 by 240 are. */
    public const MOST_UNITS = 57_600;

    private function __construct(
        public Design $design,
        public CuttingRoom $room,
        private Cache $cache,
    ) {
    }

    /** @param  CuttingRoom|null  $room  null for the design's own */
    public static function of(Design $design, ?CuttingRoom $room = null): self
    {
        $room ??= $design->room;

        return new self($design, $room, $design->caches->for($room));
    }

    /**
     * @throws UnknownSize
     * @throws InvalidArgumentException when the size cannot be laid out
     * @throws MeasureException when a length in it cannot be computed
     */
    public function sized(string $size): SizedDesign
    {
        return $this->cache->sized[$size] ??= $this->layOut($this->design->size($size));
    }

    /** @return list<SizedDesign> all sizes, in their order */
    public function sizes(): array
    {
        return array_map($this->sized(...), array_map(strval(...), array_keys($this->design->sizes)));
    }

    public function work(Unit $unit): UnitWork
    {
        return $this->cache->work[spl_object_id($unit)] ??= new UnitWork($unit, $this->cache->workings);
    }

    /** A unit made by the method that the design usually makes its kind by. */
    public function usualMaking(Unit $unit): Making
    {
        return $this->work($unit)->making($this->design->defaultMethod($unit->kind()));
    }

    /** @return array<string, int> how many of each of its pieces come out of one strip of the cloth, by piece id */
    public function usualPerStrip(Unit $unit): array
    {
        return $this->work($unit)->perStrip($this->design->defaultMethod($unit->kind()));
    }

    /**
     * @return array<string, array{string, int, int}> task ids, their places in the order of release and in that of the clues, by product
     * key
     */
    public function taskOrder(): array
    {
        if ($this->cache->taskOrder === null) {
            $this->cache->taskOrder = [];
            foreach (array_values($this->design->clues) as $number => $clue) {
                foreach ($clue->tasks as $task) {
                    $this->cache->taskOrder[$task->product] ??= [$task->id, count($this->cache->taskOrder), $number];
                }
            }
        }

        return $this->cache->taskOrder;
    }

    /** Whether several tasks make shares of a thing: then nothing of it is reckoned to come out of another task's bag. */
    public function isShared(string $product): bool
    {
        foreach ($this->design->clues as $clue) {
            foreach ($clue->tasks as $task) {
                if ($task->product === $product) {
                    return $task->share !== null;
                }
            }
        }

        return false;
    }

    /**
     * Units, blocks and sections as large as they are at a scale.
     *
     * @param  positive-int  $over
     * @return array<string, Unit> by product key
     */
    public function products(int $scale, int $over): array
    {
        return $this->cache->products["$scale/$over"] ??= (new ScaledProducts(
            $this->design,
            $this->room,
            $scale,
            $over,
            $this->cache->workings,
        ))->all();
    }

    /**
     * A block or unit itself and everything that lies in it, however deep.
     *
     * @return array<string, int> by product key
     */
    public function contents(string $key): array
    {
        if (isset($this->cache->contents[$key])) {
            return $this->cache->contents[$key];
        }
        $counts = [$key => 1];
        $first = array_values($this->design->sizes)[0];
        foreach ($this->products($first->scale, $first->scaleOver)[$key]->contents() as $inner => $each) {
            foreach ($this->contents($inner) as $deeper => $count) {
                $counts[$deeper] = ($counts[$deeper] ?? 0) + $each * $count;
            }
        }
        foreach ($this->sectionsOf($key) as $section) {
            $counts[$section] = 1;
        }

        return $this->cache->contents[$key] = $counts;
    }

    /**
     * What the units among some products look like, and what lies where in the blocks among them.
     *
     * @param  list<string>  $keys
     * @return array{array<string, list<Patch>>, array<string, list<Placement>>}
     */
    public function drawn(SizedDesign $sized, array $keys): array
    {
        $units = $blocks = [];
        foreach ($keys as $key) {
            $product = $sized->products[$key];
            if ($product instanceof Composed) {
                $blocks[$key] = $product->placements();
            } elseif (isset($sized->names[$key]) && ! isset($sized->layout->parts[$key])) {
                $units[$key] = $this->work($product)->patches();
            }
        }

        return [$units, $blocks];
    }

    /**
     * In which order the seams of some units are sewn, for those where that does not follow from their patches.
     *
     * @param  array<string, list<Patch>>  $units  by product key, as {@see drawn()} gives them
     * @return array<string, SewingPlan> by product key
     */
    public function sewing(SizedDesign $sized, array $units): array
    {
        $plans = [];
        foreach (array_map(strval(...), array_keys($units)) as $key) {
            $unit = $sized->products[$key];
            $plans[$key] = $this->work($unit)->sewing($this->design->defaultMethod($unit->kind()));
        }

        return array_filter($plans, fn (SewingPlan $plan): bool => ! $plan->isPlain());
    }

    /**
     * Width and height of every block of a size as it is joined to others, raw edge to raw edge.
     *
     * @return array<string, array{Measurement, Measurement}> by product key; empty where blocks are quilted one by one and trimmed then
     */
    public function joined(SizedDesign $sized): array
    {
        if ($this->design->setting->quilting !== null) {
            return [];
        }
        $joined = [];
        foreach (array_map(strval(...), array_keys($sized->layout->blockCounts)) as $key) {
            $joined[$key] = $this->cache->workings->joined($sized->products[$key]);
        }

        return $joined;
    }

    /** The top of a size, with every unit and block of it. */
    public function sewnTop(SizedDesign $sized): SewnTop
    {
        [$units, $blocks] = $this->drawn($sized, array_map(strval(...), array_keys($sized->counts)));
        $layout = $sized->layout;

        return new SewnTop(
            $units, $blocks, $this->depths(), $layout->placements, $layout->frame, $layout->owners, $this->sewing($sized, $units),
        );
    }

    /** The units and blocks of the top of a size as they are sewn, kept for every size of its scale. */
    public function pressParts(SizedDesign $sized, SewnTop $top): PressParts
    {
        $scale = $sized->size->scaleKey();

        return $this->cache->pressParts[$scale] = ($this->cache->pressParts[$scale] ?? new PressParts)->with($top);
    }

    /** @return array<string, int> how dark each fabric is, 0 for light to 2 for dark, by its id */
    public function depths(): array
    {
        return array_map(fn (Slot $slot): int => $slot->value->depth(), $this->design->slots);
    }

    /**
     * The same of a block or unit and everything in it, with the names of all of it and the other ways to turn the parts of its blocks.
     *
     * @return array{
     *     array<string, list<Patch>>, array<string, list<Placement>>, array<string, string>, array<string, array<string, WayLook>>
     * } by product key
     */
    public function drawnContents(SizedDesign $sized, string $key): array
    {
        $number = spl_object_id($sized->products[$key]);
        if (! isset($this->cache->drawn[$number])) {
            $contents = $this->contents($key);
            $names = array_intersect_key($sized->names, $contents);
            $keys = array_map(strval(...), array_keys($contents));
            $ways = [];
            foreach ($keys as $inner) {
                $product = $sized->products[$inner];
                $ways[$inner] = $product instanceof Turnable ? self::looksInWays($product) : [];
            }
            [$units, $blocks] = $this->drawn($sized, $keys);
            $this->cache->drawn[$number] = [$units, $blocks, $names, array_filter($ways)];
        }

        return $this->cache->drawn[$number];
    }

    /** @return array<string, WayLook> what a block looks like in every other way of turning its parts, by the id of the way */
    private static function looksInWays(Turnable $block): array
    {
        $looks = [];
        foreach ($block->ways() as $id => $name) {
            $turned = $block->inWay($id);
            $looks[$id] = $turned instanceof Composed
                ? new WayLook($name, $turned->placements())
                : new WayLook($name, [], $turned->patches());
        }

        return $looks;
    }

    /** @return list<string> product keys of the sections of a unit that are made by tasks of their own */
    private function sectionsOf(string $unit): array
    {
        return array_values(
            array_filter($this->design->madeProducts(), fn (string $made): bool => ProductKey::unitOfSection($made) === $unit),
        );
    }

    /** How many units a size comes to, those in its blocks included; borders and sashes are not counted. */
    public function units(QuiltSize $size): int
    {
        $setting = $this->design->setting;
        $blocks = [(string) $setting->alternate => ($size->columns - 1) * ($size->rows - 1)];
        for ($row = 0; $row < $size->rows; $row++) {
            for ($column = 0; $column < $size->columns; $column++) {
                $key = (string) $setting->blockAt($size, $column, $row);
                $blocks[$key] = ($blocks[$key] ?? 0) + 1;
            }
        }
        unset($blocks['']);
        $products = $this->products($size->scale, $size->scaleOver);
        $count = 0;
        foreach ($blocks as $key => $laid) {
            foreach ($this->contents((string) $key) as $inner => $each) {
                $count += isset($products[$inner]) && ! $products[$inner] instanceof Composed ? $laid * $each : 0;
            }
        }

        return $count;
    }

    /**
     * @throws InvalidArgumentException when it cannot be laid out, or is larger than can be worked out
     * @throws MeasureException when a length in it cannot be computed
     */
    private function layOut(QuiltSize $size): SizedDesign
    {
        $units = $this->units($size);
        if ($units > self::MOST_UNITS) {
            throw new Refused('design.too_many_units_in_size', ['units' => number_format($units), 'most' => number_format(self::MOST_UNITS)]);
        }
        $products = $this->products($size->scale, $size->scaleOver);
        $layout = Layout::of($this->design->setting, $size, $products, $this->cache->workings);
        $names = $this->design->names;
        $counts = [];
        foreach ([$layout->unitCounts, $layout->blockCounts] as $laid) {
            foreach ($laid as $product => $count) {
                foreach ($this->contents($product) as $key => $each) {
                    $counts[$key] = ($counts[$key] ?? 0) + $count * $each;
                }
            }
        }
        foreach ($layout->parts as $part) {
            $products[$part->key] = $part->unit;
            $names[$part->key] = $part->name;
            $counts[$part->key] = $part->count;
        }

        return new SizedDesign($size, $products, $names, $counts, $layout);
    }
}
