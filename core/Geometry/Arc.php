<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Length;

/** A circular edge of at most half a turn, from the corner before it to the corner after it. */
final readonly class Arc
{
    /** @param  bool  $clockwise  as seen with y growing downwards */
    public function __construct(
        public Length $radius,
        public bool $clockwise,
    ) {
    }

    public function reversed(): self
    {
        return new self($this->radius, ! $this->clockwise);
    }
}
