<?php

declare(strict_types=1);

namespace Dew\Core\Kits;

/** A bolt and the lengths that are cut off it. */
final readonly class CutBolt
{
    /**
     * @param  int  $length  in steps in which the shop sells, as the others
     * @param  bool  $isNew  whether it is still to be ordered
     * @param  array<int, int>  $cuts  how many of each length, the longest first
     */
    public function __construct(
        public int $length,
        public bool $isNew,
        public array $cuts,
    ) {
    }

    public function left(): int
    {
        $left = $this->length;
        foreach ($this->cuts as $length => $count) {
            $left -= $length * $count;
        }

        return $left;
    }
}
