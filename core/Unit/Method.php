<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

/** A way to make a kind of unit, by the key it has in designs and sheets: the part before the colon is the kind it serves. */
final readonly class Method
{
    /** Pieces that are only cut. */
    public const PLAIN = 'plain:cut';

    public function __construct(public string $value)
    {
    }

    public function is(string $value): bool
    {
        return $this->value === $value;
    }

    /** Whether nothing is sewn. */
    public function isPlain(): bool
    {
        return $this->value === self::PLAIN;
    }
}
