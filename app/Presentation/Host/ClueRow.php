<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\Clue;
use App\Models\ClueState;
use App\Presentation\Shared\When;

/** One clue on the host's board. */
final readonly class ClueRow
{
    public function __construct(
        public Clue $clue,
        public ClueState $state,
        public int $begun,
        public int $finished,
        public string $zone,
    ) {
    }

    public function hasWork(): bool
    {
        return $this->clue->sizes === null ? $this->clue->kinds !== [] : $this->clue->sizes !== [];
    }

    public function when(): string
    {
        return $this->clue->release_at === null ? ($this->clue->about ?? __('drops.no_date')) : When::full(
            $this->clue->release_at, $this->zone,
        );
    }
}
