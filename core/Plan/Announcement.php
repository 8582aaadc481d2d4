<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;
use Dew\Core\Setting\QuiltAsYouGo;
use Dew\Core\Words\Preparation;

/** What everybody may know from the first day: cloth, colourways, sizes and how many clues there will be. No picture, no count. */
final readonly class Announcement
{
    /**
     * @param  array<string, Slot>  $slots
     * @param  array<string, Colourway>  $colourways
     * @param  array<string, AnnouncedSize>  $sizes
     * @param  Length  $usableWidth  of the cloth, once its selvedges are off
     * @param  list<int>  $minutes  the announced estimate of each clue
     * @param  int|null  $sizeNeededAt  number of the first clue that needs a size, where the size may be chosen later; null where it may
     *     not
     * @param  array<string, int>  $fabricsNeededAt  numbers of the first clues that need the fabrics that may be chosen later, by slot id
     * @param  array<string, array<string, Length>>  $cloth  what covers every way of making the whole quilt, allowances included, by size
     *     and slot: exact, so that it is rounded before anybody sees it
     * @param  QuiltAsYouGo|null  $quilting  how blocks are joined that are quilted one by one; null where they are not
     * @param  array<string, list<int>>  $clothClues  numbers of the clues that take cloth at all, by size: those for which a kit can be packed
     * @param  Preparation  $prepare  what is published before the first clue on purpose
     */
    public function __construct(
        public string $title,
        public array $slots,
        public array $colourways,
        public array $sizes,
        public Length $usableWidth,
        public array $minutes,
        public ?int $sizeNeededAt = null,
        public array $fabricsNeededAt = [],
        public Preparation $prepare = new Preparation,
        public array $cloth = [],
        public ?QuiltAsYouGo $quilting = null,
        public array $clothClues = [],
    ) {
    }

    public function colourway(?string $id): Colourway
    {
        return $this->colourways[$id ?? ''] ?? array_values($this->colourways)[0];
    }
}
