<?php

declare(strict_types=1);

namespace Dew\Core\Press;

use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\SewingPlan;

/** What a top is sewn together from. */
final readonly class SewnTop
{
    /**
     * @param  array<string, list<Patch>>  $units  by product key
     * @param  array<string, list<Placement>>  $blocks  what lies where in each block, by product key
     * @param  array<string, int>  $depths  0 for light, 1 for medium, 2 for dark, by fabric slot
     * @param  list<Placement>  $placements  the blocks of the top
     * @param  list<Patch>  $frame  sashes, setting triangles, borders
     * @param  list<string>  $owners  for each patch of the frame, the border it belongs to; empty for what lies within the borders, which
     *     is sewn first. Borders follow from the inside outwards
     * @param  array<string, SewingPlan>  $sewing  in which order the seams of a unit are sewn, by product key, where that does not follow
     *     from its patches; under the empty key the order for the blocks of the top, by the numbers of their places
     */
    public function __construct(
        public array $units,
        public array $blocks,
        public array $depths,
        public array $placements = [],
        public array $frame = [],
        public array $owners = [],
        public array $sewing = [],
    ) {
    }

    /**
     * The same with its blocks sewn together in another order.
     *
     * @param  list<list<array{int, int}>>  $rounds  see {@see SewingPlan}; by the numbers of the places
     */
    public function inOrder(array $rounds): self
    {
        return new self(
            $this->units, $this->blocks, $this->depths, $this->placements, $this->frame, $this->owners, ['' => new SewingPlan($rounds)] + $this->sewing,
        );
    }

    /** The same with the units and blocks of another one added. */
    public function with(self $other): self
    {
        return new self(
            $this->units + $other->units, $this->blocks + $other->blocks, $other->depths, $this->placements, $this->frame, $this->owners,
            $this->sewing + $other->sewing,
        );
    }

    /** Whether a unit or block is another one here under the same key. */
    public function contradicts(self $other): bool
    {
        foreach ([[$this->units, $other->units], [$this->blocks, $other->blocks]] as [$known, $new]) {
            foreach ($new as $key => $list) {
                if (isset($known[$key]) && ($known[$key] !== $list || ($this->sewing[$key] ?? null) !== ($other->sewing[$key] ?? null))) {
                    return true;
                }
            }
        }

        return false;
    }
}
