<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** What a cutting plan should spare. */
enum Aim: string
{
    /** As little cloth as can be found. */
    case Cloth = 'cloth';

    /** As few different cuts: every height in strips of its own, and nothing cut a second time. */
    case Cuts = 'cuts';
}
