<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Length;

/** What changes what somebody cuts, besides the pattern: what she made and cut before, and how her cloth wants to be cut. */
final readonly class CutRules
{
    /**
     * @param  array<string, int>  $madeBefore  units that are not cut for any more, by task
     * @param  array<string, array<string, int>>  $cutBefore  pieces that are cut already, by task and counter
     * @param  array<string, Length>  $margins  by slot, what is left around each piece so that she can place it by hand for its print
     * @param  array<string, int>  $variety  by slot, from how many fabrics its pieces should come at least
     */
    public function __construct(
        public array $madeBefore = [],
        public array $cutBefore = [],
        public array $margins = [],
        public array $variety = [],
    ) {
    }
}
