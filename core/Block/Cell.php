<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Geometry\Orientation;

/** One unit or block laid into a block's grid; column and row count from zero. */
final readonly class Cell
{
    /**
     * @param  string  $product  key of the unit or block that lies here
     * @param  positive-int  $across  columns it spans
     * @param  positive-int  $down  rows it spans
     */
    public function __construct(
        public int $column,
        public int $row,
        public string $product,
        public Orientation $orientation,
        public int $across = 1,
        public int $down = 1,
    ) {
    }
}
