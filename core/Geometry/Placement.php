<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Length;

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
}
