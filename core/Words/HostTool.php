<?php

declare(strict_types=1);

namespace Dew\Core\Words;

use Dew\Core\Measure\Length;

/** A tool that the host names, with the size it must have. */
final readonly class HostTool
{
    public function __construct(
        public string $id,
        public string $name,
        public ?Length $atLeast = null,
    ) {
    }
}
