<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Block\BlockUnit;
use Dew\Core\Design\Design;
use Dew\Core\Design\UnknownSize;
use Dew\Core\Setting\Layout;
use Dew\Core\Setting\QuiltSize;
use Dew\Core\Unit\Unit;
use WeakMap;

/**
 * A design at one of its sizes: every unit, block and part of the setting as large as it is there, and how many of each the quilt takes.
 *
 * Worked out once and kept as long as the design itself; a design never changes, so nothing kept can grow old. Sizes of one scale share their units.
 */
final class SizedDesign
{
    /** @var WeakMap<Design, array<string, self>>|null */
    private static ?WeakMap $kept = null;

    /** @var WeakMap<Design, array<string, array<string, Unit>>>|null */
    private static ?WeakMap $scaled = null;

    /** @var WeakMap<Design, array<string, array<string, int>>>|null */
    private static ?WeakMap $contents = null;

    /**
     * @param  array<string, Unit>  $products  by key: units, blocks, parts of the setting
     * @param  array<string, string>  $names  likewise
     * @param  array<string, int>  $counts  likewise; of what lies in other blocks too
     */
    private function __construct(
        public readonly QuiltSize $size,
        public readonly array $products,
        public readonly array $names,
        public readonly array $counts,
        public readonly Layout $layout,
    ) {
    }

    /** @throws UnknownSize */
    public static function of(Design $design, string $size): self
    {
        self::$kept ??= new WeakMap;
        $kept = self::$kept[$design] ?? [];
        if (! isset($kept[$size])) {
            $kept[$size] = self::make($design, $design->size($size));
            self::$kept[$design] = $kept;
        }

        return $kept[$size];
    }

    /**
     * Units and blocks as large as they are at a size.
     *
     * @return array<string, Unit> by product key
     */
    public static function products(Design $design, QuiltSize $size): array
    {
        self::$scaled ??= new WeakMap;
        $scaled = self::$scaled[$design] ?? [];
        if (! isset($scaled[$size->scaleKey()])) {
            $products = [];
            foreach ($design->units as $key => $spec) {
                $products[$key] = ($size->scaleKey() === '1/1' ? $spec : $spec->scaled($size->scale, $size->scaleOver))->make();
            }
            $made = [];
            foreach ($design->clues as $clue) {
                foreach ($clue->tasks as $task) {
                    $made[$task->product] = true;
                }
            }
            foreach ($design->blocks as $key => $block) {
                $block = $size->scaleKey() === '1/1' ? $block : $block->scaled($size->scale, $size->scaleOver);
                $products[$key] = new BlockUnit($block, array_intersect_key($products, $block->contents()), $made);
            }
            $scaled[$size->scaleKey()] = $products;
            self::$scaled[$design] = $scaled;
        }

        return $scaled[$size->scaleKey()];
    }

    public function product(string $key): ?Unit
    {
        return $this->products[$key] ?? null;
    }

    private static function make(Design $design, QuiltSize $size): self
    {
        $products = self::products($design, $size);
        $layout = Layout::of($design->setting, $size, $products);
        $names = $design->names;
        $counts = $layout->unitCounts;
        foreach ($layout->blockCounts as $block => $count) {
            foreach (self::contents($design, $block) as $key => $each) {
                $counts[$key] = ($counts[$key] ?? 0) + $count * $each;
            }
        }
        foreach ($layout->parts as $part) {
            $products[$part->key] = $part->unit;
            $names[$part->key] = $part->name;
            $counts[$part->key] = $part->count;
        }

        return new self($size, $products, $names, $counts, $layout);
    }

    /**
     * A block itself and everything that lies in it, however deep.
     *
     * @return array<string, int> by product key
     */
    public static function contents(Design $design, string $block): array
    {
        self::$contents ??= new WeakMap;
        $kept = self::$contents[$design] ?? [];
        if (isset($kept[$block])) {
            return $kept[$block];
        }
        $counts = [$block => 1];
        foreach ($design->blocks[$block]->contents() as $key => $each) {
            foreach (isset($design->blocks[$key]) ? self::contents($design, $key) : [$key => 1] as $inner => $count) {
                $counts[$inner] = ($counts[$inner] ?? 0) + $each * $count;
            }
        }
        $kept = self::$contents[$design] ?? [];
        $kept[$block] = $counts;
        self::$contents[$design] = $kept;

        return $counts;
    }
}
