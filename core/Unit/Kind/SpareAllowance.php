<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Measure\Length;

/** A second allowance outside the seam allowance on some edges of a piece, trimmed away once a seam is sewn. */
final readonly class SpareAllowance
{
    /**
     * @param  list<int>  $edges  numbers of the corners the edges begin at, from zero
     * @param  Length  $width  beyond the seam allowance; it does not grow with the unit
     * @param  string  $after  id of the seam after which it is trimmed
     */
    public function __construct(
        public array $edges,
        public Length $width,
        public string $after,
    ) {
    }
}
