<?php

declare(strict_types=1);

namespace Dew\Core\Words;

/** An address outside that a clue leads to, such as a film that shows a step. */
final readonly class Link
{
    public function __construct(
        public string $address,
        public string $text,
    ) {
    }
}
