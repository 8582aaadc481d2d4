<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

/** Which edges of what is cut lie along or across the threads of the cloth. */
enum Grain: string
{
    /** All straight edges: squares, rectangles, strips. */
    case Edges = 'edges';

    /** The two short edges of a triangle; its long edge is on the bias. */
    case ShortEdges = 'short-edges';

    /** The long edge of a triangle; its short edges are on the bias. */
    case LongEdge = 'long-edge';

    /** The two edges that lie along the strip. */
    case AlongStrip = 'along-strip';

    /** The lower edge of the shape as it is drawn on its template. */
    case Drawn = 'drawn';
}
