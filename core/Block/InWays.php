<?php

declare(strict_types=1);

namespace Dew\Core\Block;

/** What is the same of every block with other ways to turn its parts. */
trait InWays
{
    /** @return array<string, string> the names of the ways that turn something, by id */
    public function wayNames(): array
    {
        return array_map(fn (Way $way): string => $way->name, array_filter($this->ways, fn (Way $way): bool => $way->parts !== []));
    }
}
