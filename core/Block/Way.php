<?php

declare(strict_types=1);

namespace Dew\Core\Block;

/** Another way to turn some of the parts of a block. Counts, cutting and sizes are the same in every way. */
final readonly class Way
{
    /** @param  array<int, Cell|SixtyPart>  $parts  those that lie otherwise, by their number in the block */
    public function __construct(
        public string $name,
        public array $parts,
    ) {
    }
}
