<?php

declare(strict_types=1);

namespace Dew\Core\Plan\Whole;

use Dew\Core\Plan\ClueSheet;
use Dew\Core\Plan\ReleasedPlan;

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
