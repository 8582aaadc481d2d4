<?php

declare(strict_types=1);

namespace Dew\Core\Making;

use Dew\Core\Measure\Measurement;

/** Something to have at hand before beginning; a ruler with the length it must at least have. */
final readonly class Tool
{
    public function __construct(
        public string $code,
        public ?Measurement $atLeast = null,
    ) {
    }
}
