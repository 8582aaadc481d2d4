<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\Placement;

/** The whole quilt at one size: the picture that stays with the host, and its counts. */
final readonly class QuiltSheet
{
    /**
     * @param  array<string, list<Patch>>  $blocks  patches by block id
     * @param  array<string, string>  $blockNames
     * @param  list<Placement>  $placements
     * @param  list<Patch>  $borders
     * @param  array<string, int>  $blockCounts
     * @param  array<string, int>  $unitCounts  by unit id
     * @param  array<string, string>  $unitNames
     */
    public function __construct(
        public string $size,
        public Size $finished,
        public Size $block,
        public array $blocks,
        public array $blockNames,
        public array $placements,
        public array $borders,
        public array $blockCounts,
        public array $unitCounts,
        public array $unitNames,
    ) {
    }
}
