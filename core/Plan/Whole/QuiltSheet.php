<?php

declare(strict_types=1);

namespace Dew\Core\Plan\Whole;

use Dew\Core\Design\Pressing;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Plan\Effort;
use Dew\Core\Setting\QuiltAsYouGo;

/** The whole quilt at one size: the picture that stays with the host, and its counts. */
final readonly class QuiltSheet
{
    /**
     * @param  array<string, list<Patch>>  $units  what each unit looks like, by product key
     * @param  array<string, list<Placement>>  $blocks  what lies where in each block, units or other blocks, by product key
     * @param  array<string, string>  $blockNames
     * @param  list<Placement>  $placements
     * @param  list<Patch>  $frame  sashes, setting triangles, borders
     * @param  array<string, int>  $blockCounts
     * @param  array<string, int>  $unitCounts  of units, nested blocks and parts of the setting, by product key
     * @param  array<string, string>  $unitNames  likewise
     * @param  Length  $perimeter  around the outside, where the binding goes
     * @param  array<string, float>  $areas  finished square inches, by fabric
     * @param  Length|null  $crop  what a join of quilted blocks takes off each side of a finished block; null for nothing
     * @param  Pressing  $pressing  how its host wants seams to be pressed
     * @param  list<string>  $owners  for each patch of the frame, the id of the border it belongs to; empty for what lies within the
     *     borders
     * @param  array<string, string>  $pressSaid  seams that the design itself says something of, by their ids: left, right or open
     * @param  array<string, Size|Length>  $quilting  for blocks quilted one by one: see {@see QuiltAsYouGo::sizes()}
     */
    public function __construct(
        public string $size,
        public Size $finished,
        public Size $block,
        public array $units,
        public array $blocks,
        public array $blockNames,
        public array $placements,
        public array $frame,
        public array $blockCounts,
        public array $unitCounts,
        public array $unitNames,
        public Length $perimeter,
        public array $areas,
        public Effort $effort,
        public array $quilting = [],
        public ?Length $crop = null,
        public Pressing $pressing = new Pressing,
        public array $pressSaid = [],
        public array $owners = [],
    ) {
    }
}
