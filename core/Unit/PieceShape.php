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

    /** A square cut out of a sewn strip set, to be cut corner to corner. */
    case SetSquare = 'set-square';

    /** A right triangle cut from a strip with a triangle ruler. */
    case Triangle = 'triangle';

    /** A triangle with equal sides, cut from a strip. */
    case SixtyTriangle = 'sixty-triangle';

    case Diamond = 'diamond';
    case Parallelogram = 'parallelogram';

    /** Cut round a template. */
    case Template = 'template';

    /** Something made before: a unit, a block, a row. */
    case Part = 'part';
}
