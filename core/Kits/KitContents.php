<?php

declare(strict_types=1);

namespace Dew\Core\Kits;

use Dew\Core\Cutting\ShopMeasure;
use Dew\Core\Measure\Length;

/** What lies in the kits of one size: lengths of cloth as the shop cuts them off a bolt. */
final readonly class KitContents
{
    /**
     * @param  array<string, Length>  $whole  what covers the whole quilt, by fabric slot
     * @param  array<string, array<string, Length>>  $clues  what covers each clue, by clue and slot
     * @param  bool  $coarse  whether whole quilts are rounded as a mystery is announced, so that a kit says no more than that
     */
    public function __construct(
        private array $whole,
        private array $clues,
        private ShopMeasure $shop,
        private bool $coarse,
    ) {
    }

    /**
     * @param  array<string, mixed>  $gaps  slots that the colourway has no cloth for, by id: they are in no kit
     * @return array<string, Length> by fabric slot; slots that take nothing are left out
     */
    public function of(KitKind $kind, string $part, array $gaps = []): array
    {
        $needed = match ($kind) {
            KitKind::Whole => $this->whole,
            KitKind::Slot => array_intersect_key($this->whole, [$part => true]),
            KitKind::Clue => $this->clues[$part] ?? [],
        };
        $coarse = $this->coarse && $kind !== KitKind::Clue;

        return array_filter(
            array_map(fn (Length $length): Length => $this->shop->sold($length, $coarse), array_diff_key($needed, $gaps)),
            fn (Length $length): bool => $length->isPositive(),
        );
    }
}
