<?php

declare(strict_types=1);

namespace App\Models;

enum TapKind: string
{
    case Add = 'add';
    case All = 'all';
    case Undo = 'undo';
}
