<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

/** Which way a computed length may be brought onto the marks of a ruler. */
enum Rounding: string
{
    /** Safe to cut larger: the unit is trimmed afterwards, or the surplus falls outside a seam fixed from another edge. */
    case Up = 'up';

    /** Must be cut as computed: to the nearest fine mark, and the reader is told when that is not exact. */
    case Nearest = 'nearest';

    /** A surplus would push points over an edge. */
    case Down = 'down';

    /** Set on the machine, not read off a ruler: printed as it is. */
    case None = 'none';
}
