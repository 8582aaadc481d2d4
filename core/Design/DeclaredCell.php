<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Geometry\Orientation;
use Dew\Core\Sixty\SixtySpot;

/** What lies in a block's grid, by the id of a unit or block; column and row count from zero. */
final readonly class DeclaredCell
{
    /**
     * @param  array<string, string>  $fabrics  ids of the fabrics taken instead, by the id they replace
     * @param  positive-int  $across
     * @param  positive-int  $down
     * @param  SixtySpot|null  $spot  where it lies in a block on 60° axes
     * @param  array<string, int|SixtySpot>  $ways  by the id of another way of the block, how many degrees clockwise it is turned further
     *     in it; where it lies then, on 60° axes
     */
    public function __construct(
        public int $column,
        public int $row,
        public string $id,
        public Orientation $orientation,
        public array $fabrics,
        public int $across,
        public int $down,
        public ?SixtySpot $spot = null,
        public array $ways = [],
    ) {
    }
}
