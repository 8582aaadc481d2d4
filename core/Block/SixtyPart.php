<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Sixty\SixtySpot;

/** One unit or block laid into a block on 60° axes. */
final readonly class SixtyPart
{
    /** @param  string  $product  key of the unit or block that lies here */
    public function __construct(
        public string $product,
        public SixtySpot $spot,
    ) {
    }
}
