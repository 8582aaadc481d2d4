<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Measure\Size;

final readonly class AnnouncedSize
{
    public function __construct(
        public string $id,
        public string $name,
        public Size $finished,
    ) {
    }
}
