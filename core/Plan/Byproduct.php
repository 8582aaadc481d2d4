<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Size;

/** What comes out of a task's work besides the units wanted, one for each batch, to be kept in a bag. */
final readonly class Byproduct
{
    /**
     * @param  string|null  $name  the design's name for it; null where the design does not use it
     * @param  int  $count  that come out
     * @param  list<Patch>  $patches  as it looks, in finished inches
     */
    public function __construct(
        public ?string $name,
        public int $count,
        public array $patches,
        public Size $finished,
    ) {
    }
}
