<?php

declare(strict_types=1);

namespace Dew\Core\Split;

/** What goes into something else, and when. */
final readonly class LedgerUse
{
    /**
     * @param  string|null  $by  product key of what it goes into; null for the top
     * @param  int  $clue  number of the clue from zero; as many as there are clues for what is done after the last
     * @param  int  $place  place of the task that uses it, among all tasks; beyond all of them for the top
     */
    public function __construct(
        public ?string $by,
        public int $clue,
        public int $place,
        public int $count,
    ) {
    }
}
