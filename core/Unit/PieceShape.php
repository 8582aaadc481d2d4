<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

enum PieceShape: string
{
    case Square = 'square';
    case Rectangle = 'rectangle';

    /** As wide as said, as long as the cloth is wide. */
    case Strip = 'strip';

    /** Cut across a sewn strip set. */
    case Segment = 'segment';
}
