<?php

declare(strict_types=1);

namespace App\Drawing;

/** A slot's letter in its patch, so that a drawing works without colour. */
final readonly class Letter
{
    public function __construct(
        public string $text,
        public string $x,
        public string $y,
        public string $size,
        public string $ink,
    ) {
    }
}
