<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Geometry\Orientation;

/** One unit laid into a block's grid; column and row count from zero. */
final readonly class Cell
{
    public function __construct(
        public int $column,
        public int $row,
        public string $unit,
        public Orientation $orientation,
    ) {
    }
}
