<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/** A unit or block as it is sewn, with the numbers of its own seams, crossings and seams that are one when pressed: each from the first to one past the last. */
final readonly class PressPart
{
    public function __construct(
        public int $firstSeam,
        public int $endOfSeams,
        public int $firstCrossing,
        public int $endOfCrossings,
        public int $firstSame,
        public int $endOfSame,
        public Assembly $assembly,
    ) {
    }
}
