<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Measure\Problem;

/** An empty place: null. */
final readonly class NothingType implements Type
{
    use Plain;

    public function accepts(mixed $value): bool
    {
        return $value === null;
    }

    public function resembles(mixed $value): bool
    {
        return $value === null;
    }

    public function words(): Problem
    {
        return new Problem('type.nothing');
    }

    public function schema(): array
    {
        return ['type' => 'null'];
    }
}
