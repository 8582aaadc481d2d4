<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

/** A counter as a clue has it for everybody who makes it the same way. How far somebody is stands in Counted. */
final readonly class CounterView
{
    /**
     * @param  string  $anchor  its place on the page
     * @param  string  $digest  of the specification that is counted to
     * @param  int  $step  by which the larger button counts
     */
    public function __construct(
        public string $task,
        public string $counter,
        public string $anchor,
        public string $digest,
        public string $label,
        public int $total,
        public int $step,
    ) {
    }

    /** What the button says to the server: what it adds, "all" for whatever is missing, and to which counter. */
    public function tap(int|string $amount): string
    {
        return "$amount $this->task $this->counter";
    }
}
