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
     * @param  bool  $curved  whether it is a curve, which lies flat to a side only
     * @param  Pressed|null  $usual  how its kind of unit has it pressed, whatever lies beside it; null where that is open
     * @param  bool  $spun  whether its second half lies the other way than its first, because its middle is spun flat
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
        public bool $curved = false,
        public ?Pressed $usual = null,
        public bool $spun = false,
    ) {
    }

    /** The same seam of some copies of its product: those under another key, when they are pressed otherwise. */
    public function as(string $key, int $copies): self
    {
        return new self(
            $key === $this->of ? $this->id : $key.substr($this->id, strlen($this->of)), $key, $this->fromX, $this->fromY, $this->toX, $this->toY,
            $copies, $this->darker, $this->endsLeft, $this->endsRight, $this->curved,
            $this->usual, $this->spun,
        );
    }

    /** The same seam where its kind of unit says how it is pressed. */
    public function usually(Pressed $usual, bool $spun = false): self
    {
        return new self(
            $this->id, $this->of, $this->fromX, $this->fromY, $this->toX, $this->toY, $this->copies, $this->darker, $this->endsLeft,
            $this->endsRight, $this->curved, $usual, $spun,
        );
    }

    /** Its part before its middle, or behind it. */
    public function half(bool $second): self
    {
        [$x, $y] = [($this->fromX + $this->toX) / 2, ($this->fromY + $this->toY) / 2];

        return new self(
            $this->id, $this->of, $second ? $x : $this->fromX, $second ? $y : $this->fromY, $second ? $this->toX : $x, $second ? $this->toY : $y,
            $this->copies, $this->darker, $this->endsLeft, $this->endsRight, $this->curved, $this->usual,
        );
    }

    /** Its id without the marks of those copies that are pressed otherwise: what is pressed already is known under this one. */
    public function usualId(): string
    {
        return (string) preg_replace("#('|~\\d+)+/#", '/', $this->id);
    }

    /**
     * Which way its allowance lies on the table, seen from the front with its product upright: a key of the sentences in lang/en/press.php.
     */
    public function way(Pressed $pressed): string
    {
        return $this->flag($pressed)->way();
    }

    public function flag(Pressed $pressed): PressFlag
    {
        return new PressFlag($this->fromX, $this->fromY, $this->toX, $this->toY, $pressed);
    }
}
