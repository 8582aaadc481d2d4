<?php

declare(strict_types=1);

namespace Dew\Core\Split;

/** What stays together when work is shared out over clues: one task, or several that are marked so. */
final readonly class SplitItem
{
    /**
     * @param  list<SplitJob>  $jobs  in the order of making
     * @param  array<string, int>  $minutes  at every size, by size id
     * @param  array<string, float>  $shown  share of the seams of the whole quilt, from 0 to 1, likewise
     * @param  list<string>  $techniques  kinds of unit in it
     * @param  list<int>  $needs  numbers of the items that must not come later
     */
    public function __construct(
        public array $jobs,
        public array $minutes,
        public array $shown = [],
        public array $techniques = [],
        public array $needs = [],
    ) {
    }
}
