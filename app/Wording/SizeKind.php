<?php

declare(strict_types=1);

namespace App\Wording;

/** The three sizes a piece of patchwork has. They never look alike and always carry their label. */
enum SizeKind: string
{
    case Cut = 'cut';
    case Unfinished = 'unfinished';
    case Finished = 'finished';
}
