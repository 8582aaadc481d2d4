<?php

declare(strict_types=1);

namespace App\Models;

/** Where a part of a group quilt is. */
enum HandState: string
{
    /** With nobody: to be dealt out. */
    case Free = 'free';

    /** With somebody who sews it. */
    case Out = 'out';

    /** Sewn, and on its way back. */
    case Sent = 'sent';

    case Accepted = 'accepted';
}
