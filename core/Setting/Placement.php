<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Measure\Length;

/**
 * A block at its place in the quilt: where its top left corner lies, in finished inches from the quilt's top left corner. On point it is turned
 * by 45° clockwise about that corner, which is then the topmost one.
 */
final readonly class Placement
{
    public function __construct(
        public string $block,
        public Length $x,
        public Length $y,
        public int $turn = 0,
    ) {
    }
}
