<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/** How a seam lies once it is pressed. */
enum Pressed: string
{
    /** To the side on the left of somebody who walks along it from its beginning to its end. */
    case Left = 'left';

    /** To the side on the right. */
    case Right = 'right';

    case Open = 'open';

    /** The other side; open stays open. */
    public function otherWay(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Open => self::Open,
        };
    }
}
