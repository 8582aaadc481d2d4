<?php

declare(strict_types=1);

namespace App\Drawing;

enum LineKind: string
{
    case Sew = 'sew';
    case Cut = 'cut';
    case RawEdge = 'raw-edge';
}
