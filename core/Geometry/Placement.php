<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/**
 * A block at its place in the quilt, or what lies in a block at its place there: where its top left corner lies, in finished inches from
 * the top left corner of what is around it, and the degrees it is turned clockwise about that corner. On point that is 45°, and the corner
 * is the topmost one.
 */
final readonly class Placement
{
    public function __construct(
        public string $product,
        public Length $x,
        public Length $y,
        public int $turn = 0,
    ) {
    }

    /**
     * Patches of the product as they lie there; it is turned by quarters or by sixths of the circle about its top left corner.
     *
     * @param  list<Patch>  $patches  of the product, upright
     * @return list<Patch>
     */
    public function lay(array $patches): array
    {
        $turn = $this->turn % 90 === 0 ? Orientation::of($this->turn) : null;
        // About its corner: within a square of no size.
        $nothing = Size::square(Length::zero());

        return array_map(fn (Patch $patch): Patch => ($turn === null
            ? SixthTurn::patch($patch, intdiv($this->turn, 60))
            : $patch->oriented($turn, $nothing))->movedBy($this->x, $this->y), $patches);
    }
}
