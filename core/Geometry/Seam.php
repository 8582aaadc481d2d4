<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

/** Two patches that share an edge: where they are sewn together. */
final readonly class Seam
{
    /**
     * @param  int  $first  number of one patch
     * @param  int  $second  number of the other
     * @param  float  $length  finished inches
     * @param  float  $start  inches by which the first stands out beyond the second at the left (or upper) end, laid so that the ends of
     *     the finished
     *                        seam coincide; below zero when the second stands out; zero where only one of them has a corner
     * @param  float  $end  likewise at the right (or lower) end
     * @param  int  $firstEdge  number of the edge of the first patch, by the corner it begins at
     * @param  int  $secondEdge  of the second
     */
    public function __construct(
        public int $first,
        public int $second,
        public float $length,
        public float $start,
        public float $end,
        public int $firstEdge = 0,
        public int $secondEdge = 0,
    ) {
    }

    /** The same seam told from its second patch. */
    public function reversed(): self
    {
        return new self($this->second, $this->first, $this->length, -$this->start, -$this->end, $this->secondEdge, $this->firstEdge);
    }

    public function isSlanted(): bool
    {
        return abs($this->start) > 1e-6 || abs($this->end) > 1e-6;
    }
}
