<?php

declare(strict_types=1);

namespace App\Plans\Unreleased;

/** A sheet had to be compiled while somebody waited for it. */
final readonly class SheetMissed
{
    public function __construct(
        public int $version,
        public string $kind,
        public string $size,
        public string $clue,
        public string $methods,
    ) {
    }
}
