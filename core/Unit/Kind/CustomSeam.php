<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Making\Sewing;

/** One seam of a custom unit, in the order of sewing. */
final readonly class CustomSeam
{
    /**
     * @param  string  $first  id of one piece
     * @param  string  $second  id of the other
     * @param  Sewing|null  $sewing  where it stops short of an end and is secured; null from edge to edge
     * @param  string|null  $toward  id of the piece it is pressed to; null for open, or for either way
     */
    public function __construct(
        public string $id,
        public string $first,
        public string $second,
        public ?Sewing $sewing = null,
        public ?string $toward = null,
        public bool $open = false,
    ) {
    }

    public function isBetween(string $one, string $other): bool
    {
        return ($this->first === $one && $this->second === $other) || ($this->first === $other && $this->second === $one);
    }
}
