<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Measure\Length;

/** A mark on an edge of a template, to be matched with one on the neighbour's edge. */
final readonly class Notch
{
    /** At most this deep, in inches, so that it stays outside the seam. */
    public const DEPTH = [1, 8];

    /**
     * @param  int  $edge  number of the corner the edge begins at, from zero
     * @param  Length  $share  how far along the edge, as a plain number between 0 and 1
     */
    public function __construct(
        public int $edge,
        public Length $share,
    ) {
    }
}
