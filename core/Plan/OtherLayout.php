<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Geometry\Placement;
use Dew\Core\Measure\Size;

/** Something else that the blocks of a quilt make, such as a runner or a medallion: joined to each other without sashing or borders. */
final readonly class OtherLayout
{
    /** @param  list<Placement>  $placements */
    public function __construct(
        public string $id,
        public string $name,
        public Size $finished,
        public array $placements,
    ) {
    }
}
