<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Measure\Problem;

/** Any value at all: it is looked at closely where it goes. */
final readonly class AnyType implements Type
{
    use Plain;

    public function accepts(mixed $value): bool
    {
        return true;
    }

    public function resembles(mixed $value): bool
    {
        return true;
    }

    public function words(): Problem
    {
        return new Problem('type.any');
    }

    public function schema(): array
    {
        return [];
    }
}
