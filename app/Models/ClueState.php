<?php

declare(strict_types=1);

namespace App\Models;

enum ClueState: string
{
    case Draft = 'draft';
    case Scheduled = 'scheduled';
    case Released = 'released';
    case Withdrawn = 'withdrawn';
}
