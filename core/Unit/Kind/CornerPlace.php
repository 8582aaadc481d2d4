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

    public function isLeft(): bool
    {
        return $this === self::TopLeft || $this === self::BottomLeft;
    }

    public function isTop(): bool
    {
        return $this === self::TopLeft || $this === self::TopRight;
    }

    /** Quarter turns clockwise from the top left. */
    public function quarterTurns(): int
    {
        return match ($this) {
            self::TopLeft => 0,
            self::TopRight => 1,
            self::BottomRight => 2,
            self::BottomLeft => 3,
        };
    }
}
