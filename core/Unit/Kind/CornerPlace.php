<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

/** A corner of a unit, named clockwise. */
enum CornerPlace: string
{
    case TopLeft = 'top-left';
    case TopRight = 'top-right';
    case BottomRight = 'bottom-right';
    case BottomLeft = 'bottom-left';

    public function next(): self
    {
        return match ($this) {
            self::TopLeft => self::TopRight,
            self::TopRight => self::BottomRight,
            self::BottomRight => self::BottomLeft,
            self::BottomLeft => self::TopLeft,
        };
    }

    /** True when the side from here to the next corner runs across the width. */
    public function isBeforeWidth(): bool
    {
        return $this === self::TopLeft || $this === self::BottomRight;
    }
}
