<?php

declare(strict_types=1);

namespace Dew\Core\Making;

/**
 * How long things take a practised home sewer, in seconds: for the time estimate, which says so. A host may announce other minutes.
 */
final readonly class Rates
{
    public function __construct(
        public float $strip = 60.0,
        public float $piece = 8.0,
        public float $seam = 10.0,
        public float $inchOfSeam = 1.5,
        public float $press = 8.0,
        public float $trim = 20.0,
        public float $mark = 8.0,
        public float $layOut = 4.0,
    ) {
    }
}
