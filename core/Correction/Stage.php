<?php

declare(strict_types=1);

namespace Dew\Core\Correction;

/** How far somebody was with what a correction changes when it was published. */
enum Stage: string
{
    /** She had counted nothing in this clue. */
    case Untouched = 'untouched';

    /** She had begun the clue, and had cut and sewn nothing of what changed. */
    case Uncut = 'uncut';

    /** She had cut for what changed, and sewn none of it. */
    case Cut = 'cut';

    /** She had sewn some of what changed. */
    case Made = 'made';
}
