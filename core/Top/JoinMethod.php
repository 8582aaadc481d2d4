<?php

declare(strict_types=1);

namespace Dew\Core\Top;

/** In which order the blocks of a top are joined. */
enum JoinMethod: string
{
    /** Blocks to rows, rows to the top; on point the rows run slanted. */
    case Rows = 'rows';

    /** Column by column, the thread left uncut between the blocks of a column, then all the long seams. */
    case Webbing = 'webbing';

    /** Four quarters by themselves, two of them to each half, and the halves. */
    case Quarters = 'quarters';
}
