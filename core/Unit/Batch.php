<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

/** How far a piece goes: how many are cut at a time, and what that gives. */
final readonly class Batch
{
    /**
     * @param  positive-int  $yield  parts that one batch of the piece gives: units from a pair of squares, triangles from a square,
     *     segments from a strip
     * @param  positive-int  $perUnit  of those parts, how many one unit takes
     * @param  positive-int  $each  how many of the piece one batch takes
     * @param  string|null  $segment  for a strip: the id of the segment its set is cut into
     */
    public function __construct(
        public int $yield = 1,
        public int $perUnit = 1,
        public int $each = 1,
        public ?string $segment = null,
    ) {
    }

    /** How often the batch is needed for so many units, rounded up. */
    public function count(int $units): int
    {
        return $units <= 0 ? 0 : intdiv($units * $this->perUnit + $this->yield - 1, $this->yield);
    }

    /** @param  positive-int  $yield */
    public function yielding(int $yield): self
    {
        return new self($yield, $this->perUnit, $this->each, $this->segment);
    }

    /** @param  positive-int  $times */
    public function times(int $times): self
    {
        return new self($this->yield, $this->perUnit * $times, $this->each, $this->segment);
    }
}
