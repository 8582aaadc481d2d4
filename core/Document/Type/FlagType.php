<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

/** True or false. */
final readonly class FlagType implements Type
{
    use Plain;

    public function accepts(mixed $value): bool
    {
        return is_bool($value);
    }

    public function resembles(mixed $value): bool
    {
        return is_bool($value);
    }

    public function words(): string
    {
        return 'true or false';
    }

    public function schema(): array
    {
        return ['type' => 'boolean'];
    }
}
