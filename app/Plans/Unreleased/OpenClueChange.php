<?php

declare(strict_types=1);

namespace App\Plans\Unreleased;

use App\Models\Clue;
use Dew\Core\Correction\ClueCorrection;

/** What a new version changes in one clue that members have open. */
final readonly class OpenClueChange
{
    /**
     * @param  array<string, ClueCorrection>  $usual  by the methods of the design, by size
     * @param  list<array{size: string, methods: string, unit: string, correction: ClueCorrection, projects: list<string>}>  $quilts  those of the same
     *     size and choice of methods together
     */
    public function __construct(
        public Clue $clue,
        public array $usual,
        public array $quilts,
    ) {
    }

    /** Whether more than words changed for somebody's quilt, so that its maker must be told what was wrong. */
    public function mustBeTold(): bool
    {
        return array_filter($this->quilts, fn (array $quilt): bool => $quilt['correction']->matters()) !== [];
    }
}
