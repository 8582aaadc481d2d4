<?php

declare(strict_types=1);

namespace Dew\Core\Words;

/** What sort of release a clue is. */
enum ClueKind: string
{
    /** A part of the quilt. */
    case Usual = 'usual';

    /** Something besides, which nobody needs for the quilt. */
    case Bonus = 'bonus';

    /** Nothing to sew on purpose: time to catch up or to arrange. */
    case Pause = 'pause';
}
