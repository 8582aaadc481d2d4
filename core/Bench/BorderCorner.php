<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

/** How the strips of a border meet. */
enum BorderCorner: string
{
    /** The sides first, then top and bottom over their ends. */
    case Straight = 'straight';

    /** All four as long as the top, with a square in every corner. */
    case Squares = 'squares';

    /** On a slant through every corner. */
    case Mitred = 'mitred';
}
