<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

/** A size on offer, by how often the blocks repeat across and down. */
final readonly class QuiltSize
{
    public function __construct(
        public string $id,
        public string $name,
        public int $columns,
        public int $rows,
    ) {
    }
}
