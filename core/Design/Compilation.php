<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Setting\Layout;
use Dew\Core\Setting\QuiltSize;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Unit;
use InvalidArgumentException;

/**
 * A design worked out for one cutting room: its units and blocks at every scale, its sizes, and what belongs to each unit alone. Whatever is worked out
 * is kept with the design, apart for every cutting room.
 */
final readonly class Compilation
{
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
        return array_map(fn (string $size): SizedDesign => $this->sized($size), array_map(strval(...), array_keys($this->design->sizes)));
    }

    public function work(Unit $unit): UnitWork
    {
        return $this->cache->work[spl_object_id($unit)] ??= new UnitWork($unit, $this->room, $this->cache);
    }

    /** A unit made by the method that the design usually makes its kind by. */
    public function usualMaking(Unit $unit): Making
    {
        return $this->work($unit)->making($this->design->defaultMethod($unit->kind()));
    }

    /**
     * Units, blocks and sections as large as they are at a scale.
     *
     * @param  positive-int  $over
     * @return array<string, Unit> by product key
     */
    public function products(int $scale, int $over): array
    {
        return $this->cache->products["$scale/$over"] ??= (new ScaledProducts($this->design, $this->room, $scale, $over))->all();
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

    /** @return list<string> product keys of the sections of a unit that are made by tasks of their own */
    private function sectionsOf(string $unit): array
    {
        return array_values(array_filter($this->design->madeProducts(), fn (string $made): bool => ProductKey::unitOfSection($made) === $unit));
    }

    private function layOut(QuiltSize $size): SizedDesign
    {
        $products = $this->products($size->scale, $size->scaleOver);
        $layout = Layout::of($this->design->setting, $size, $products, $this->room);
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
