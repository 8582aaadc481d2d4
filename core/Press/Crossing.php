<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/** A point of a seam at which an earlier seam ends on each side of it: those two must lie opposite there, so that they nest. */
final readonly class Crossing
{
    /**
     * @param  int  $first  number of the seam that ends on one side
     * @param  int  $second  number of the seam that ends on the other
     * @param  bool  $differ  whether they nest when one is pressed to its left and the other to its right; else when both go alike
     * @param  int  $across  number of the seam that is sewn over both
     * @param  string  $of  product key in which it lies; empty for the top
     * @param  int  $copies  how often it comes in the top
     */
    public function __construct(
        public int $first,
        public int $second,
        public bool $differ,
        public int $across,
        public string $of,
        public float $x,
        public float $y,
        public int $copies,
    ) {
    }

    /** Whether the two lie flat on each other. A seam that is pressed open is flat itself and is in the way of none. */
    public function nests(Pressed $first, Pressed $second): bool
    {
        return $first === Pressed::Open || $second === Pressed::Open || ($first !== $second) === $this->differ;
    }
}
