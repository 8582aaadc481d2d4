<?php

declare(strict_types=1);

namespace Dew\Core\Top;

/** A block at one of the places of a lay-out, and how far it is turned there besides what the place asks. */
final readonly class Laid
{
    /** @param  int  $turn  quarter turns clockwise, 0 to 3 */
    public function __construct(
        public string $product,
        public int $turn = 0,
    ) {
    }
}
