<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Unit\Unit;

/** A unit or block that was made before and goes into another unit, with the key it is known by. */
final readonly class Made
{
    public function __construct(
        public string $product,
        public Unit $unit,
    ) {
    }
}
