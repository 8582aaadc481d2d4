<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** Where a pre-cut piece with a zigzag edge reaches the size that it has: its seam allowance is measured from there. */
enum ZigzagEdge: string
{
    case Peaks = 'peaks';
    case Valleys = 'valleys';
}
