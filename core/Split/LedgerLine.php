<?php

declare(strict_types=1);

namespace Dew\Core\Split;

/** One thing that is made at a size: in which clue, how many, and what becomes of them. */
final readonly class LedgerLine
{
    /**
     * @param  int|null  $clue  number of the clue that makes it, from zero; null when none does
     * @param  list<LedgerUse>  $uses  in their order in time
     */
    public function __construct(
        public string $product,
        public string $name,
        public ?string $task,
        public ?int $clue,
        public int $made,
        public array $uses,
    ) {
    }

    /** How many wait in a bag once a clue is done. */
    public function waiting(int $clue): int
    {
        if ($this->clue === null || $this->clue > $clue) {
            return 0;
        }
        $used = 0;
        foreach ($this->uses as $use) {
            $used += $use->clue <= $clue ? $use->count : 0;
        }

        return max(0, $this->made - $used);
    }

    /** The number of the clue that takes the last of them out of the bag; null when nothing uses them. */
    public function until(): ?int
    {
        return $this->uses === [] ? null : $this->uses[count($this->uses) - 1]->clue;
    }

    /** How many are used in all. */
    public function used(): int
    {
        return array_sum(array_map(fn (LedgerUse $use): int => $use->count, $this->uses));
    }
}
