<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Block\BlockUnit;
use Dew\Core\Block\SixtyBlock;
use Dew\Core\Block\SixtyBlockUnit;
use Dew\Core\Block\TrimmedBlock;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Unit\Kind\CustomUnit;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\Workings;

/** Makes every unit, block and section of a design at one scale, each after what it is made of. */
final class ScaledProducts
{
    /** @var array<string, Unit> */
    private array $products = [];

    /** @var array<string, true> product keys that have a task of their own */
    private readonly array $made;

    /** @var array<string, array<string, string>> product keys of the sections that have a task, by unit and section id */
    private readonly array $sections;

    /** @param  positive-int  $over */
    public function __construct(
        private readonly Design $design,
        private readonly CuttingRoom $room,
        private readonly int $scale,
        private readonly int $over,
        private readonly Workings $workings,
    ) {
        $this->made = array_fill_keys($design->madeProducts(), true);
        $sections = [];
        foreach (array_keys($this->made) as $key) {
            $unit = ProductKey::unitOfSection((string) $key);
            if ($unit !== null) {
                $sections[$unit][substr((string) $key, strlen($unit) + 1)] = (string) $key;
            }
        }
        $this->sections = $sections;
    }

    /** @return array<string, Unit> by product key, in the order of the design, sections last */
    public function all(): array
    {
        foreach (array_keys($this->design->units + $this->design->blocks) as $key) {
            $this->product((string) $key);
        }
        $ordered = [];
        foreach (array_keys($this->design->units + $this->design->blocks) as $key) {
            $ordered[$key] = $this->products[$key];
        }

        return $ordered + $this->products;
    }

    private function product(string $key): Unit
    {
        return $this->products[$key] ??= isset($this->design->blocks[$key]) ? $this->block($key) : $this->unit($key);
    }

    private function unit(string $key): Unit
    {
        $spec = $this->design->units[$key]->withSeam($this->room->seam);
        $spec = $this->scale === $this->over ? $spec : $spec->scaled($this->scale, $this->over);
        $unit = $spec->make($this->inner($spec->options->contents()));
        if (isset($this->sections[$key]) && $unit instanceof CustomUnit) {
            foreach ($this->sections[$key] as $section => $product) {
                $this->products[$product] = $unit->section($section);
            }

            return $unit->withSectionsMade($this->sections[$key]);
        }

        return $unit;
    }

    private function block(string $key): Unit
    {
        $block = $this->design->blocks[$key];
        $block = $this->scale === $this->over ? $block : $block->scaled($this->scale, $this->over);

        if ($block instanceof SixtyBlock) {
            return new SixtyBlockUnit($block, $this->inner(array_keys($block->contents())), $this->made);
        }
        $unit = new BlockUnit($block->untrimmed(), $this->inner(array_keys($block->contents())), $this->made, $this->workings);

        return $block->trimmed === null ? $unit : new TrimmedBlock($unit, $block->trimmed);
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, Unit>
     */
    private function inner(array $keys): array
    {
        $products = [];
        foreach ($keys as $key) {
            $products[$key] = $this->product($key);
        }

        return $products;
    }
}
