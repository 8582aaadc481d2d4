<?php

declare(strict_types=1);

namespace Dew\Core\Making;

/** The kinds of thing that a step does something to. */
enum Operand: string
{
    /** A piece of the unit's cutting list, by its id. */
    case Piece = 'piece';

    /** A line to sew that is drawn on a piece: the piece's id and the line's number. */
    case SewLine = 'sew-line';

    /** A line to cut that is drawn on a piece: the piece's id and the line's number. */
    case CutLine = 'cut-line';

    /** An edge of a patch: the number of the patch and that of the corner the edge begins at. */
    case Edge = 'edge';

    /** The seam between two patches, by their numbers; of a block, between two cells. */
    case Seam = 'seam';

    /** The patch (of a block, the cell) that a seam allowance is pressed towards. */
    case Toward = 'toward';

    /** A corner of the unit, by its name. */
    case Corner = 'corner';

    /** The whole unit. */
    case Whole = 'whole';
}
