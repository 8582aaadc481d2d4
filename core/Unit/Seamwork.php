<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

/** The seams of one unit: how many, and how long they are together, in finished inches. Reported, never cut by. */
final readonly class Seamwork
{
    public function __construct(
        public int $seams,
        public float $length,
    ) {
    }

    public static function none(): self
    {
        return new self(0, 0.0);
    }
}
