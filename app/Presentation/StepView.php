<?php

declare(strict_types=1);

namespace App\Presentation;

/** One step in words, and the number to check by when it has one. */
final readonly class StepView
{
    public function __construct(
        public string $kind,
        public string $text,
        public ?Figure $figure,
    ) {
    }
}
