<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Measure\Problem;

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

    public function words(): Problem
    {
        return new Problem('type.flag');
    }

    public function schema(): array
    {
        return ['type' => 'boolean'];
    }
}
