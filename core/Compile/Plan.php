<?php

declare(strict_types=1);

namespace Dew\Core\Compile;

use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\ReleasedPlan;

/** The whole computation at one size: for hosts only. Members are served from a {@see ReleasedPlan}. */
final readonly class Plan
{
    /** @param  array<string, ClueSheet>  $clues by clue id, in order of release */
    public function __construct(
        public QuiltSheet $quilt,
        public array $clues,
    ) {
    }
}
