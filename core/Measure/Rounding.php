<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

/** Which way a computed length may be brought onto the marks of a ruler. */
enum Rounding: string
{
    /** It is safe to cut this larger: the unit is trimmed afterwards, or the surplus falls outside a seam fixed from another edge. */
    case Up = 'up';

    /** This must be cut as computed: to the nearest fine mark, and the reader is told when that is not exact. */
    case Nearest = 'nearest';

    /**
     * A surplus would push points over an edge: the nearest fine mark, unless that is more than 1⁄64 in over; then the next mark below.
     * So 2.6213 in is cut 2⅝ in, and 1.9142 in is cut 1⅞ in.
     */
    case NotOver = 'not-over';

    /** This is set on the machine or only reported, and not read off a ruler: it is printed as it is. */
    case None = 'none';
}
