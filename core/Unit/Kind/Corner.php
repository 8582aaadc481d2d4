<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;

/** A sewn-and-flipped corner: where, how long its finished legs are, and in which fabric. */
final readonly class Corner
{
    public function __construct(
        public CornerPlace $place,
        public Length $leg,
        public Slot $slot,
    ) {
    }
}
