<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Sixty\SixtyGrid;

/** A block as its document describes it, before it is known how it is used. */
final readonly class DeclaredBlock
{
    /**
     * @param  list<Length|null>  $columns  finished widths; null for what its contents finish at
     * @param  list<Length|null>  $rows  finished heights, likewise
     * @param  list<DeclaredCell>  $cells
     * @param  array<string, string>  $names  that the document gives its variants, by the use in a product key
     * @param  Size|null  $trimmed  what it is trimmed to, finished
     * @param  SixtyGrid|null  $sixty  of a block on 60° axes, which has neither columns nor rows
     * @param  Length|null  $edge  of such a block, the finished side of one division
     * @param  array<string, string>  $ways  names of other ways to turn its parts, by id
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $columns,
        public array $rows,
        public array $cells,
        public array $names = [],
        public ?Size $trimmed = null,
        public ?SixtyGrid $sixty = null,
        public ?Length $edge = null,
        public array $ways = [],
    ) {
    }
}
