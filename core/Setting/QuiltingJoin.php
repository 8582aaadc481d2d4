<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

/** How quilted blocks are joined. */
enum QuiltingJoin: string
{
    case BackToFront = 'back-to-front';
    case FrontToBack = 'front-to-back';
    case CoverStrip = 'cover-strip';
    case SewnThrough = 'sewn-through';
}
