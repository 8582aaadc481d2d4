<?php

declare(strict_types=1);

namespace Dew\Core\Design;

/** Make all of one unit, one block or one part of the setting that a size takes. */
final readonly class Task
{
    /** @param  string|null  $name  to call it by instead of the name of what is made */
    public function __construct(
        public string $id,
        public string $product,
        public ?string $name = null,
    ) {
    }
}
