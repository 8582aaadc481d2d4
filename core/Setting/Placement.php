<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Measure\Length;

/** A block at its place in the quilt, in finished inches from the top left corner. */
final readonly class Placement
{
    public function __construct(
        public string $block,
        public Length $x,
        public Length $y,
    ) {
    }
}
