<?php

declare(strict_types=1);

namespace Dew\Core\Split;

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
        $shares = $isNew = [];
        foreach ($jobs as $job) {
            if ($job->share !== null && $job->share->block === null) {
                $shares[$job->product] = ($shares[$job->product] ?? 0) + 1;
                $isNew[$job->product] = ($isNew[$job->product] ?? false) || $job->task === null;
            }
        }
        $joined = [];
        foreach ($jobs as $job) {
            if (($isNew[$job->product] ?? false) && $job->share !== null && $shares[$job->product] === $job->share->of) {
                // The last share stands behind everything that any of them needs.
                if ($job->share->part === $job->share->of) {
                    $joined[] = new SplitJob($job->product, $this->taskOf($jobs, $job->product));
                }
            } else {
                $joined[] = $job;
            }
        }

        return $joined;
    }

    /** @param  list<SplitJob>  $jobs */
    private function taskOf(array $jobs, string $product): ?string
    {
        foreach ($jobs as $job) {
            if ($job->product === $product && $job->task !== null) {
                return $job->task;
            }
        }

        return null;
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
