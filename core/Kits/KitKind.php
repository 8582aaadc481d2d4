<?php

declare(strict_types=1);

namespace Dew\Core\Kits;

/** What a kit holds the cloth for. */
enum KitKind: string
{
    /** The whole quilt. */
    case Whole = 'whole';

    /** One clue, or one month. */
    case Clue = 'clue';

    /** One fabric, for the whole quilt. */
    case Slot = 'slot';
}
