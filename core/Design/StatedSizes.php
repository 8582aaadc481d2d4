<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Method;

/** Sizes that a given pattern states for a unit or block, to be compared with the computed ones. */
final readonly class StatedSizes
{
    /**
     * @param  Method|null  $method  the one the cuts are stated for; null when none is stated
     * @param  array<string, Length|Size>  $cut  by the id of a piece: a side or a strip's width, or a width and a height
     * @param  string  $place  JSON pointer
     * @param  array<string, int>  $counts  how many the whole quilt takes, by size
     */
    public function __construct(
        public ?Size $unfinished,
        public ?Method $method,
        public array $cut,
        public string $place,
        public array $counts = [],
    ) {
    }
}
