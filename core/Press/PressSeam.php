<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/**
 * One seam of a unit, of a block or of the top, in inches from the top left corner of what it belongs to. All copies of a unit or block are
 * pressed alike, so a seam stands for all of its copies.
 */
final readonly class PressSeam
{
    /**
     * @param  string  $id  unlike every other's: the product and the number of the seam in the order of sewing
     * @param  string  $of  product key of the unit or block; empty for the top
     * @param  int  $copies  how often it is sewn in the top
     * @param  float  $darker  by how much the cloth on its right is darker than that on its left, over its length
     * @param  int  $endsLeft  seams that end on its left
     * @param  int  $endsRight  seams that end on its right
     */
    public function __construct(
        public string $id,
        public string $of,
        public float $fromX,
        public float $fromY,
        public float $toX,
        public float $toY,
        public int $copies,
        public float $darker,
        public int $endsLeft,
        public int $endsRight,
    ) {
    }

    /** Which way its allowance lies on the table, seen from the front with its product upright: a key of the sentences in lang/en/press.php. */
    public function way(Pressed $pressed): string
    {
        if ($pressed === Pressed::Open) {
            return 'open';
        }
        // The right of the way from one end to the other, where y grows downwards.
        [$x, $y] = [-($this->toY - $this->fromY), $this->toX - $this->fromX];
        if ($pressed === Pressed::Left) {
            [$x, $y] = [-$x, -$y];
        }
        $size = hypot($x, $y);
        $across = abs($x) < 0.01 * $size ? '' : ($x > 0 ? 'right' : 'left');
        $down = abs($y) < 0.01 * $size ? '' : ($y > 0 ? 'down' : 'up');

        return implode('_', array_filter([$down, $across]));
    }
}
