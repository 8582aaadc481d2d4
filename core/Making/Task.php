<?php

declare(strict_types=1);

namespace Dew\Core\Making;

/** Make all of one unit, for every block that takes it. */
final readonly class Task
{
    public function __construct(
        public string $id,
        public string $unit,
    ) {
    }
}
