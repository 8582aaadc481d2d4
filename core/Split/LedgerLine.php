<?php

declare(strict_types=1);

namespace Dew\Core\Split;

/** One thing that is made at a size: when how many are made, and what becomes of them. */
final readonly class LedgerLine
{
    /**
     * @param  int  $count  how many the quilt takes
     * @param  list<LedgerMake>  $makes  in their order in time; empty when no clue makes it
     * @param  list<LedgerUse>  $uses  likewise
     */
    public function __construct(
        public string $product,
        public string $name,
        public int $count,
        public array $makes,
        public array $uses,
    ) {
    }

    public function made(?int $upToClue = null): int
    {
        return self::sum($this->makes, $upToClue);
    }

    public function used(?int $upToClue = null): int
    {
        return self::sum($this->uses, $upToClue);
    }

    /** How many wait in a bag once a clue is done. */
    public function waiting(int $clue): int
    {
        return max(0, $this->made($clue) - $this->used($clue));
    }

    /** The number of the clue that takes the last of them out of the bag; null when nothing uses them. */
    public function until(): ?int
    {
        return $this->uses === [] ? null : $this->uses[count($this->uses) - 1]->clue;
    }

    /** The first use for which too few are made by then, of what clues make; null when everything comes in time. */
    public function late(): ?LedgerUse
    {
        $needed = 0;
        foreach ($this->makes === [] ? [] : $this->uses as $use) {
            $needed += $use->count;
            $made = 0;
            foreach ($this->makes as $make) {
                $made += $make->place < $use->place ? $make->count : 0;
            }
            if ($made < min($needed, $this->made())) {
                return $use;
            }
        }

        return null;
    }

    /** @param  list<LedgerMake|LedgerUse>  $entries */
    private static function sum(array $entries, ?int $upToClue): int
    {
        $sum = 0;
        foreach ($entries as $entry) {
            $sum += $upToClue === null || $entry->clue <= $upToClue ? $entry->count : 0;
        }

        return $sum;
    }
}
