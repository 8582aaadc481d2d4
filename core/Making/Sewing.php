<?php

declare(strict_types=1);

namespace Dew\Core\Making;

/** Where a seam begins and ends, where that matters. */
enum Sewing: string
{
    /** From edge to edge, beginning on a scrap so that a sharp point is not drawn into the machine. */
    case Leader = 'leader';

    /** From the wider corner of a triangle's long edge to its sharper one. */
    case WideCornerFirst = 'wide-corner-first';

    /** Stops one allowance before the end, where another seam will be set in, and is secured there. */
    case StopAndSecure = 'stop-and-secure';

    /** Begins one allowance after the start, where another seam will be set in, and is secured there. */
    case StartAndSecure = 'start-and-secure';

    /** Set in: begins and stops one allowance from the ends, secured at both. */
    case SetIn = 'set-in';

    /** Not secured at the crossing, so that it can be spun open. */
    case Unsecured = 'unsecured';
}
