<?php

declare(strict_types=1);

namespace Dew\Core\Split;

use Dew\Core\Design\Share;

/** Work shared out over clues, with what that costs and how far it is from the best there could be. */
final readonly class Split
{
    /**
     * @param  array<int, int>  $clueOf  of every item of the problem, the number of its clue from zero
     * @param  array{int, int, int}  $cost  weighted minutes of the heaviest clue, minutes of the heaviest clue of a single size, and the
     *     most new techniques in one clue: the first that differ decide
     * @param  int  $bound  weighted minutes below which the heaviest clue of no split can lie
     * @param  bool  $isBest  whether every other split was looked at
     */
    public function __construct(
        public SplitProblem $problem,
        public array $clueOf,
        public array $cost,
        public int $bound,
        public bool $isBest,
    ) {
    }

    /** How far the heaviest clue lies above the bound, as a share of it. */
    public function above(): float
    {
        return $this->bound === 0 ? 0.0 : $this->cost[0] / $this->bound - 1.0;
    }

    /** @return list<list<SplitJob>> what every clue makes, in the order of making */
    public function clues(): array
    {
        $clues = array_fill(0, $this->problem->clues, []);
        foreach ($this->problem->items as $number => $item) {
            array_push($clues[$this->clueOf[$number]], ...$item->jobs);
        }

        return array_map($this->rejoined(...), $clues);
    }

    /**
     * Shares that were made for this split and all came to lie in one clue are no shares.
     *
     * @param  list<SplitJob>  $jobs  of one clue
     * @return list<SplitJob>
     */
    private function rejoined(array $jobs): array
    {
        $shares = [];
        foreach ($jobs as $job) {
            if ($job->isShare()) {
                $shares[$job->product][$job->share->block ?? ''][] = $job->task;
            }
        }
        $joined = [];
        foreach ($jobs as $job) {
            $tasks = $job->isShare() ? $shares[$job->product][$job->share->block ?? ''] : [];
            if ($job->share === null || count($tasks) !== $job->share->of || ! in_array(null, $tasks, true)) {
                $joined[] = $job;
            } elseif ($job->share->part === $job->share->of) {
                // The last share stands behind everything that any of them needs.
                $joined[] = new SplitJob(
                    $job->product,
                    array_values(array_filter($tasks, is_string(...)))[0] ?? null,
                    $job->share->block === null ? null : Share::forBlock($job->share->block),
                );
            }
        }

        return $joined;
    }

    /** @return list<array<string, int>> minutes of every clue by size id */
    public function minutes(): array
    {
        $minutes = array_fill(0, $this->problem->clues, array_map(fn (): int => 0, $this->problem->items[0]->minutes ?? []));
        foreach ($this->problem->items as $number => $item) {
            foreach ($item->minutes as $size => $count) {
                $minutes[$this->clueOf[$number]][$size] += $count;
            }
        }

        return $minutes;
    }
}
