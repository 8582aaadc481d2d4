<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

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

    public function words(): string
    {
        return 'null for an empty place';
    }

    public function schema(): array
    {
        return ['type' => 'null'];
    }
}
