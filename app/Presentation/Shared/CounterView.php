<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

/** A counter ready to be shown and tapped. */
final readonly class CounterView
{
    /**
     * @param  int  $step  by which the larger button counts
     * @param  int  $spare  counted beyond the total, after a change of size
     * @param  int  $earlier  counted to a specification that has since been corrected
     */
    public function __construct(
        public string $task,
        public string $counter,
        public string $anchor,
        public string $label,
        public int $done,
        public int $total,
        public int $step,
        public int $spare,
        public int $earlier,
    ) {
    }
}
