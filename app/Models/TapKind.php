<?php

declare(strict_types=1);

namespace App\Models;

enum TapKind: string
{
    case Add = 'add';
    case All = 'all';

    /** The number that a counter stands at is typed. */
    case Set = 'set';

    case Undo = 'undo';
}
