<?php

declare(strict_types=1);

namespace App\Drawing;

enum LineKind: string
{
    case Sew = 'sew';
    case Cut = 'cut';
    case RawEdge = 'raw-edge';

    /** A mark across an edge, where two curved pieces must meet. */
    case Notch = 'notch';

    /** Where a spare allowance is trimmed off once a later step says so. */
    case Later = 'later';

    /** Across what is left over. */
    case Hatch = 'hatch';

    /** A flag towards the side that a seam is pressed to, filled. */
    case Flag = 'flag';

    /** A ring around a place at which two seams meet that lie the same way. */
    case Clash = 'clash';
}
