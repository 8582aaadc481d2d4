<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Measure\Length;

/** A plain border of one fabric, by its finished width; sides first, then top and bottom. */
final readonly class Border
{
    public function __construct(
        public string $id,
        public string $slot,
        public Length $width,
    ) {
    }
}
