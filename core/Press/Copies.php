<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/** Which copies of a block are pressed alike. */
enum Copies: string
{
    /** All of them: what binds in practice. */
    case Alike = 'alike';

    /** Every other one like the squares of a chequered board. */
    case Chequered = 'chequered';

    /** Those of every other row. */
    case ByRows = 'rows';

    /** Those of every other column. */
    case ByColumns = 'columns';

    /** None: every unit of every block by itself, which nobody does, but which shows what the design itself allows. */
    case Free = 'free';
}
