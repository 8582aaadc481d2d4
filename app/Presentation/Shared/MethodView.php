<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

/** A way to make a unit, with what choosing it would mean. */
final readonly class MethodView
{
    public function __construct(
        public string $value,
        public string $name,
        public string $hint,
        public string $batches,
        public string $spares,
        public string $bias,
        public string $cloth,
        public string $waste,
        public ?string $stock,
        public bool $chosen,
    ) {
    }
}
