<?php

declare(strict_types=1);

namespace Dew\Core\Fabric;

/** How light or dark a fabric has to read beside its neighbours. */
enum FabricValue: string
{
    case Light = 'light';
    case Medium = 'medium';
    case Dark = 'dark';

    public function isDarkerThan(self $other): bool
    {
        return $this->depth() > $other->depth();
    }

    /** How dark it is: 0 for light, 1 for medium, 2 for dark. */
    public function depth(): int
    {
        return match ($this) {
            self::Light => 0,
            self::Medium => 1,
            self::Dark => 2,
        };
    }
}
