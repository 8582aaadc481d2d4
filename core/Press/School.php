<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/** How somebody prefers to press where nothing else decides. */
enum School: string
{
    /** To the darker cloth, so that nothing shows through. */
    case Dark = 'dark';

    /** Every seam open. */
    case Open = 'open';

    /** Every seam to the same side: the one to the right of it, or below. */
    case Side = 'side';

    /** Away from the side on which more seams end. */
    case Bulk = 'bulk';
}
