<?php

declare(strict_types=1);

namespace Dew\Core\Making;

/** Make all of one unit, one block or one part of the setting that a size takes. */
final readonly class Task
{
    public function __construct(
        public string $id,
        public string $product,
    ) {
    }
}
