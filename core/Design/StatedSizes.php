<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Measure\Size;

/** Sizes that a given pattern states for a unit or block, to be compared with the computed ones. */
final readonly class StatedSizes
{
    /**
     * @param  array<string, Size>  $cut  by the id of a piece
     * @param  string  $place  JSON pointer
     */
    public function __construct(
        public ?Size $unfinished,
        public array $cut,
        public string $place,
    ) {
    }
}
