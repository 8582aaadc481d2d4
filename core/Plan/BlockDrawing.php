<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\SixthTurn;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** What a block looks like, each unit in it once and where they lie: a tenth of what all its patches would take. */
final readonly class BlockDrawing
{
    /**
     * @param  string  $block  product key
     * @param  array<string, list<Patch>>  $units  by product key
     * @param  array<string, list<Placement>>  $blocks  the block and those within it, by product key
     * @param  array<string, string>  $names  of all of them
     */
    public function __construct(
        public string $block,
        public array $units,
        public array $blocks,
        public array $names,
    ) {
    }

    /** @return list<Patch> in finished inches from the block's top left corner */
    public function patches(): array
    {
        return $this->of($this->block);
    }

    /**
     * A part alone, upright.
     *
     * @return list<Patch>
     */
    public function part(string $key): array
    {
        return $this->of($key);
    }

    /** The finished box of a part: as far as its patches reach. */
    public function box(string $key): Size
    {
        $box = Size::square(Length::zero());
        foreach ($this->of($key) as $patch) {
            foreach ($patch->outline->corners as $corner) {
                $box = new Size(
                    $corner->x->isGreaterThan($box->width) ? $corner->x : $box->width,
                    $corner->y->isGreaterThan($box->height) ? $corner->y : $box->height,
                );
            }
        }

        return $box;
    }

    /** @return list<Patch> */
    private function of(string $key): array
    {
        if (! isset($this->blocks[$key])) {
            return $this->units[$key] ?? [];
        }
        $patches = [];
        $nothing = Size::square(Length::zero());
        foreach ($this->blocks[$key] as $placement) {
            // Turned about its top left corner: within a square of no size.
            $turn = $placement->turn % 90 === 0 ? Orientation::of($placement->turn) : null;
            foreach ($this->of($placement->product) as $patch) {
                $turned = $turn === null ? SixthTurn::patch($patch, intdiv($placement->turn, 60)) : $patch->oriented($turn, $nothing);
                $patches[] = $turned->movedBy($placement->x, $placement->y);
            }
        }

        return $patches;
    }
}
