<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** A rectangle of cloth and the strips cut from it, one after the other from its squared edge. */
final readonly class SheetCut
{
    /**
     * @param  int  $across  where it begins on its piece of cloth, across the cloth
     * @param  int  $along  where it begins along the bolt
     * @param  int  $width  across the cloth
     * @param  int  $length  along the bolt
     * @param  bool  $lengthwise  whether the strips lie along the bolt instead of across the cloth
     * @param  list<Strip>  $strips
     */
    public function __construct(
        public int $across,
        public int $along,
        public int $width,
        public int $length,
        public bool $lengthwise,
        public array $strips,
    ) {
    }

    /** How much of it the strips take, square to them. */
    public function used(): int
    {
        return array_sum(array_map(fn (Strip $strip): int => $strip->height, $this->strips));
    }

    /** @return array<string, int> pieces that it gives, by id */
    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->strips as $strip) {
            foreach ($strip->pieces() as $id => $count) {
                $pieces[$id] = ($pieces[$id] ?? 0) + $count;
            }
        }

        return $pieces;
    }
}
