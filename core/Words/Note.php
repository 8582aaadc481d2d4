<?php

declare(strict_types=1);

namespace Dew\Core\Words;

/** Words for those alone who make one size, or one colourway, or both. */
final readonly class Note
{
    public function __construct(
        public string $id,
        public string $text,
        public ?string $size = null,
        public ?string $colourway = null,
    ) {
    }
}
