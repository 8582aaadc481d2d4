<?php

declare(strict_types=1);

namespace App\Plans\Cloth;

use Dew\Core\Cutting\ClueCutting;
use Dew\Core\Cutting\Shelf;
use Dew\Core\Cutting\SlotCutting;

/** How an open clue is cut from the cloth that somebody has, and what she had before it. */
final readonly class PlannedClue
{
    public function __construct(
        public string $clue,
        public int $number,
        public string $title,
        public Shelf $before,
        public ClueCutting $cutting,
    ) {
    }

    /** A text that changes with the plan of one fabric, so that steps of another plan are not taken for its own. */
    public function plan(string $slot): string
    {
        return self::mark($this->cutting->slots[$slot]);
    }

    private static function mark(SlotCutting $slot): string
    {
        return substr(hash('sha256', serialize([$slot->plan->wanted, $slot->plan->cuts])), 0, 16);
    }
}
