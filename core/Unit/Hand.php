<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

/** Of a shape whose mirror image is another shape: as the library draws it, or mirrored. */
enum Hand: string
{
    case Right = 'right';
    case Left = 'left';

    public function other(): self
    {
        return $this === self::Right ? self::Left : self::Right;
    }
}
