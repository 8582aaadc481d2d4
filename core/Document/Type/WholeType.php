<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

/** A whole number within bounds. */
final readonly class WholeType implements Type
{
    use Plain;

    public function __construct(
        private int $least,
        private int $most,
    ) {
    }

    public function accepts(mixed $value): bool
    {
        return is_int($value) && $value >= $this->least && $value <= $this->most;
    }

    public function resembles(mixed $value): bool
    {
        return is_int($value) || is_float($value);
    }

    public function words(): string
    {
        return sprintf('a whole number from %d to %d', $this->least, $this->most);
    }

    public function schema(): array
    {
        return ['type' => 'integer', 'minimum' => $this->least, 'maximum' => $this->most];
    }
}
