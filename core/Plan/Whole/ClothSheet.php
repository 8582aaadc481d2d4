<?php

declare(strict_types=1);

namespace Dew\Core\Plan\Whole;

use Dew\Core\Measure\Length;

/** How much cloth every clue takes at every size. It tells of clues to come, so it stays with the host; members read what is announced. */
final readonly class ClothSheet
{
    /**
     * @param  array<string, array<string, array<string, Length>>>  $exact  by size, clue and fabric slot: off a bolt, by the usual methods
     * @param  array<string, array<string, array<string, Length>>>  $covering  likewise: what covers every way of making it, with allowances
     * @param  array<string, Length>  $perimeters  around the quilt, by size
     */
    public function __construct(
        public array $exact,
        public array $covering,
        public array $perimeters,
    ) {
    }

    /** @return array<string, array<string, Length>> what covers every way of making the whole quilt, by size and fabric slot */
    public function whole(): array
    {
        return array_map(function (array $clues): array {
            $whole = [];
            foreach ($clues as $slots) {
                foreach ($slots as $slot => $length) {
                    $whole[$slot] = isset($whole[$slot]) ? $whole[$slot]->plus($length) : $length;
                }
            }

            return $whole;
        }, $this->covering);
    }
}
