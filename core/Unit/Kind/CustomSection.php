<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

/** Pieces of a custom unit that are sewn together at a time of their own, such as in an earlier clue. */
final readonly class CustomSection
{
    /** @param  non-empty-list<string>  $pieces  their ids */
    public function __construct(
        public string $id,
        public string $name,
        public array $pieces,
    ) {
    }
}
