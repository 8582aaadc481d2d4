<?php

declare(strict_types=1);

namespace Dew\Core\Correction;

/** Whether something made to earlier numbers can be used for the new ones. */
enum Fit: string
{
    /** As it is. */
    case Kept = 'kept';

    /** It is larger than it has to be now, and of the same cloth. */
    case Trim = 'trim';

    /** It is too small now, or of another cloth or shape. */
    case Anew = 'anew';
}
