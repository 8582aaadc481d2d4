<?php

declare(strict_types=1);

namespace Dew\Core\Words;

/** A picture that the host put into a clue, and what it shows in words. */
final readonly class Illustration
{
    /** @param  string  $picture  its hash */
    public function __construct(
        public string $id,
        public string $picture,
        public string $text,
    ) {
    }
}
