<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** The lines drawn on a piece, in inches from its top left corner, at its exact size. */
final readonly class Lines
{
    /**
     * @param  list<Outline>  $sew  lines of two corners
     * @param  list<Outline>  $cut  likewise
     */
    public function __construct(
        public array $sew = [],
        public array $cut = [],
    ) {
    }

    /**
     * The same lines on the same piece cut larger: what lies at or beside an edge, a corner or the middle stays there.
     *
     * @param  Size  $of  the piece before
     * @param  Length  $wider  by how much it is wider
     * @param  Length  $higher  by how much it is higher
     */
    public function grown(Size $of, Length $wider, Length $higher): self
    {
        $moved = fn (Length $at, Length $side, Length $by): Length => match (true) {
            $at->times(4)->isLessThan($side) => $at,
            $side->times(3)->isLessThan($at->times(4)) => $at->plus($by),
            default => $at->plus($by->dividedBy(2)),
        };
        $line = fn (Outline $line): Outline => new Outline(...array_map(
            fn (Point $corner): Point => new Point($moved($corner->x, $of->width, $wider), $moved($corner->y, $of->height, $higher)),
            $line->corners,
        ));

        return new self(array_map($line, $this->sew), array_map($line, $this->cut));
    }
}
