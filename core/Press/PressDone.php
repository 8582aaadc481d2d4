<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/** How somebody has pressed what she sewed already. */
enum PressDone: string
{
    case AsPlanned = 'planned';

    /** Every seam the other way than planned. */
    case Reversed = 'reversed';

    case Open = 'open';

    /** How a seam lies that was planned in some way. */
    public function of(Pressed $planned): Pressed
    {
        return match ($this) {
            self::AsPlanned => $planned,
            self::Open => Pressed::Open,
            self::Reversed => $planned->otherWay(),
        };
    }
}
