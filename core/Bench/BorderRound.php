<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** The strips of one border, cut to what the top measures, and what the top measures with it. */
final readonly class BorderRound
{
    /**
     * @param  Length  $cut  width of its strips as they are cut
     * @param  Length  $sides  length of each of the two sides as it is cut
     * @param  Length  $ends  length of top and bottom
     * @param  int  $strips  strips across the cloth, joined to one length where that saves some
     * @param  Length|null  $corners  side of the corner squares as they are cut; null where there are none
     * @param  Size  $after  the top with it, raw edge to raw edge
     */
    public function __construct(
        public Length $finished,
        public Length $cut,
        public Length $sides,
        public Length $ends,
        public int $strips,
        public ?Length $corners,
        public BorderCorner $corner,
        public Size $after,
    ) {
    }
}
