<?php

declare(strict_types=1);

namespace Dew\Core\Split;

/** What one task adds to a bag. */
final readonly class LedgerMake
{
    /**
     * @param  string  $task  its id
     * @param  int  $clue  number of its clue, from zero
     * @param  int  $place  its place among all tasks
     */
    public function __construct(
        public string $task,
        public int $clue,
        public int $place,
        public int $count,
    ) {
    }
}
