<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Measure\Size;

/** For units that need no option. */
trait WithoutOptions
{
    public static function example(string $kind, Size $size, int $fabrics): UnitOptions
    {
        return new UnitOptions;
    }

    public static function usual(string $kind, Size $size, array $fabrics): array
    {
        return [];
    }
}
