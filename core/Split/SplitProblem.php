<?php

declare(strict_types=1);

namespace Dew\Core\Split;

use Dew\Core\Design\Design;
use Dew\Core\Design\Share;
use Dew\Core\Design\Task;
use Dew\Core\Measure\Refused;
use Dew\Core\Words\Chore;
use InvalidArgumentException;

/** Work to be shared out over a number of clues. */
final readonly class SplitProblem
{
    /** Clues that a quilt-along could have: a year of weeks. */
    public const MOST_CLUES = 60;

    /** Shares of one thing: more would not be told apart. */
    private const MOST_SHARES = 6;

    /** How far ahead of an even pace a mystery may show its picture, in clues. */
    private const AHEAD = 1;

    /** @var list<int> minutes of every item, each size as often as members make it */
    public array $weighted;

    /**
     * @param  list<SplitItem>  $items  each behind those it needs
     * @param  int  $clues  over how many clues
     * @param  array<string, int>  $weights  how many members make each size, by size id; at least one of them above zero
     * @param  bool  $isMystery  whether the picture must be kept back
     * @param  int  $before  clues that are open already
     * @param  float  $shownBefore  share of the seams that they sew
     *
     * @throws InvalidArgumentException when there is no clue, or an item needs one that stands behind it
     */
    public function __construct(
        public array $items,
        public int $clues,
        public array $weights,
        public bool $isMystery = false,
        private int $before = 0,
        private float $shownBefore = 0.0,
    ) {
        if ($clues < 1 || $clues > self::MOST_CLUES) {
            throw new Refused('split.clue_count', ['most' => self::MOST_CLUES]);
        }
        $weighted = [];
        foreach ($items as $number => $item) {
            foreach ($item->needs as $needed) {
                if ($needed >= $number || $needed < 0) {
                    throw new Refused('split.order');
                }
            }
            $weighted[] = self::weighted($item, $weights);
        }
        $this->weighted = $weighted;
    }

    /**
     * The tasks of a design, and what would be its tasks where no clue makes something yet.
     *
     * @param  array<string, MakingGraph>  $graphs  of every size, by size id
     * @param  array<string, int>  $members  how many make each size; every size counts as one where nobody has chosen yet
     * @param  list<list<string>>  $together  product keys that stay in one clue
     * @param  bool  $divides  whether what takes longer than a clue should is shared out over several
     * @param  list<string>  $open  ids of the clues that are open: their work is done with, and the others get what is left
     */
    public static function of(
        Design $design,
        array $graphs,
        int $clues,
        array $members = [],
        bool $isMystery = false,
        array $together = [],
        bool $divides = true,
        array $open = [],
    ): self {
        $weights = array_intersect_key($members, $graphs);
        if (array_sum($weights) < 1) {
            $weights = array_fill_keys(array_keys($graphs), 1);
        }
        $group = [];
        foreach ($together as $number => $keys) {
            foreach ($keys as $key) {
                $group[$key] ??= "group $number";
            }
        }
        $jobs = self::jobs($design, $graphs, $open);
        if ($divides) {
            $most = $isMystery ? (1 + self::AHEAD) / max(1, count($open) + $clues) : 1.0;
            $jobs = self::divided($jobs, $graphs, $weights, max(1, $clues), $group, $most);
        }
        $needs = self::needs($jobs, $graphs);
        $names = array_map(fn (SplitJob $job, int $number): string => $group[$job->product] ?? "job $number", $jobs, array_keys($jobs));
        $sorted = self::sorted($names, $needs);
        $itemOf = [];
        foreach ($sorted as $number => $inside) {
            $itemOf += array_fill_keys($inside, $number);
        }
        $items = [];
        foreach ($sorted as $number => $inside) {
            $before = [];
            foreach ($inside as $job) {
                foreach ($needs[$job] as $needed) {
                    if ($itemOf[$needed] !== $number) {
                        $before[$itemOf[$needed]] = true;
                    }
                }
            }
            ksort($before);
            $items[] = self::item(array_map(fn (int $job): SplitJob => $jobs[$job], $inside), $graphs, array_keys($before));
        }

        $shown = 0.0;
        foreach ($open === [] ? [] : $graphs as $graph) {
            $shown = max($shown, self::shown($design, $graph, $open));
        }

        return new self($items, $clues, $weights, $isMystery, count($open), $shown);
    }

    /** How much of the picture may be sewn once a clue is done, as a share: everything, where it need not be kept back. */
    public function limit(int $clue): float
    {
        if (! $this->isMystery) {
            return 1.0;
        }
        $even = ($this->before + $clue + 1 + self::AHEAD) / ($this->before + $this->clues);

        // What the last clue leaves over may always be sewn in it.
        return $clue >= $this->clues - 1 ? 1.0 : max(0.0, min(1.0, $even) - $this->shownBefore);
    }

    /**
     * @param  array<string, MakingGraph>  $graphs
     * @param  list<string>  $open
     * @return list<SplitJob>
     */
    private static function jobs(Design $design, array $graphs, array $open): array
    {
        $jobs = $made = $stages = $joins = [];
        foreach ($design->clues as $clue) {
            foreach ($clue->tasks as $task) {
                if (! in_array($clue->id, $open, true)) {
                    $jobs[] = new SplitJob($task->product, $task->id, $task->share);
                }
                $made[$task->product] = true;
            }
            foreach ($clue->chores as $chore) {
                $joins[] = $chore->kind;
                if (SplitJob::isSharedOut($chore) && ! in_array($clue->id, $open, true)) {
                    $stages[] = SplitJob::ofChore($chore, $chore->id);
                }
            }
        }
        foreach ($graphs as $graph) {
            foreach (array_map(strval(...), array_keys($graph->works)) as $product) {
                if (! isset($made[$product]) && ! in_array($product, $design->notMade, true)) {
                    $jobs[] = new SplitJob($product);
                    $made[$product] = true;
                }
            }
        }
        // Joining the top comes along where no clue has it and the design does not leave it out.
        $needs = ! in_array(Design::JOINING, $design->notMade, true) && array_intersect($joins, Chore::JOINING) === [];
        foreach ($needs ? Chore::JOINING : [] as $kind) {
            $chore = new Chore('', $kind, '', '', null);
            if (max([0, ...array_map(fn (MakingGraph $graph): int => $graph->joining($chore)->seams ?? 0, array_values($graphs))]) > 0) {
                $stages[] = SplitJob::ofChore($chore);
            }
        }

        return [...$jobs, ...$stages];
    }

    /**
     * Whatever takes longer than a clue should, or shows more of a mystery, in shares that do not; and the longest of them in further
     * shares while there are fewer jobs than clues.
     *
     * @param  list<SplitJob>  $jobs
     * @param  array<string, MakingGraph>  $graphs
     * @param  array<string, int>  $weights
     * @param  array<string, string>  $group  what stays together is not divided
     * @param  float  $shown  how much of the picture one job should show at most, from 0 to 1
     * @return list<SplitJob>
     */
    private static function divided(array $jobs, array $graphs, array $weights, int $clues, array $group, float $shown): array
    {
        $items = array_map(fn (SplitJob $job): SplitItem => self::item([$job], $graphs, []), $jobs);
        $minutes = array_map(fn (SplitItem $item): int => self::weighted($item, $weights), $items);
        $even = array_sum($minutes) / $clues;
        $shares = $most = [];
        foreach ($jobs as $number => $job) {
            $most[$number] = isset($group[$job->product]) ? 1 : min(self::MOST_SHARES, self::parts($job, $graphs));
            $asked = max(1, $minutes[$number] / max(1e-9, $even), max([0, ...$items[$number]->shown]) / $shown);
            $shares[$number] = min($most[$number], (int) ceil($asked - 1e-9));
        }
        while (array_sum($shares) < $clues) {
            $longest = null;
            foreach ($shares as $number => $into) {
                if ($into < $most[$number]
                    && ($longest === null || $minutes[$number] / $into > $minutes[$longest] / $shares[$longest])) {
                    $longest = $number;
                }
            }
            if ($longest === null) {
                break;
            }
            $shares[$longest]++;
        }
        $divided = [];
        foreach ($jobs as $number => $job) {
            for ($part = 1; $part <= $shares[$number]; $part++) {
                $divided[] = $shares[$number] === 1 ? $job : new SplitJob(
                    $job->product,
                    $part === 1 ? $job->task : null,
                    $job->share?->block === null
                        ? Share::byNumber($part, $shares[$number]) : Share::forBlock($job->share->block, $part, $shares[$number]),
                );
            }
        }

        return $divided;
    }

    /**
     * Into how many shares a job can be divided at some size: as many as there are copies, or blocks that they are for.
     *
     * @param  array<string, MakingGraph>  $graphs
     */
    private static function parts(SplitJob $job, array $graphs): int
    {
        if ($job->chore !== null) {
            return 1;
        }

        return max([1, ...array_map(fn (MakingGraph $graph): int => $graph->parts(self::task($job)), array_values($graphs))]);
    }

    /** @param  array<string, int>  $weights */
    private static function weighted(SplitItem $item, array $weights): int
    {
        $minutes = 0;
        foreach ($item->minutes as $size => $count) {
            $minutes += $count * ($weights[$size] ?? 0);
        }

        return $minutes;
    }

    /**
     * @param  list<SplitJob>  $jobs
     * @param  array<string, MakingGraph>  $graphs
     * @return array<int, list<int>> by the number of a job, those that must not come later
     */
    private static function needs(array $jobs, array $graphs): array
    {
        $byProduct = $needs = [];
        foreach ($jobs as $number => $job) {
            $byProduct[$job->product][] = $number;
        }
        foreach ($jobs as $number => $job) {
            $needed = [];
            foreach ($graphs as $graph) {
                $others = $graph->works[$job->product]->count ?? 0;
                foreach (self::inside($graph, $job->product, $byProduct) as $inner => $inside) {
                    $all = $graph->works[$inner]->count ?? 0;
                    foreach ($byProduct[$inner] as $other) {
                        if ($jobs[$other]->goesInto($job, $all, $others, $inside)) {
                            $needed[$other] = true;
                        }
                    }
                }
            }
            $rank = $job->rank();
            foreach ($jobs as $other => $before) {
                // Joining comes after all blocks, and borders go round what is joined, the inner ones first.
                $isInner = $before->rank() === $rank && $other < $number && $before->product !== $job->product;
                $isQuilted = $job->chore !== null && $job->chore->block === $before->product;
                if ($isQuilted || $rank >= SplitJob::JOINS && ($before->rank() < $rank || $isInner)) {
                    $needed[$other] = true;
                }
            }
            foreach ($byProduct[$job->product] as $other) {
                // The shares of one thing keep their order.
                if ($job->share !== null && $jobs[$other]->share?->block === $job->share->block
                    && ($jobs[$other]->share->part ?? PHP_INT_MAX) < $job->share->part) {
                    $needed[$other] = true;
                }
            }
            ksort($needed);
            $needs[$number] = array_keys($needed);
        }

        return $needs;
    }

    /**
     * @param  array<string, list<int>>  $byProduct
     * @return array<string, int> how many of what is a job go into all of a thing, by product key
     */
    private static function inside(MakingGraph $graph, string $product, array $byProduct): array
    {
        $inside = [];
        foreach ($graph->works[$product]->needs ?? [] as $inner => $count) {
            $inner = (string) $inner;
            if (isset($byProduct[$inner])) {
                $inside[$inner] = ($inside[$inner] ?? 0) + $count;

                continue;
            }
            $all = max(1, $graph->works[$inner]->count ?? 1);
            foreach (self::inside($graph, $inner, $byProduct) as $deeper => $each) {
                $inside[$deeper] = ($inside[$deeper] ?? 0) + intdiv($each * $count + $all - 1, $all);
            }
        }

        return $inside;
    }

    /**
     * @param  list<SplitJob>  $jobs
     * @param  array<string, MakingGraph>  $graphs
     * @param  list<int>  $needs
     */
    private static function item(array $jobs, array $graphs, array $needs): SplitItem
    {
        $minutes = $shown = $techniques = [];
        foreach ($graphs as $size => $graph) {
            $minutes[$size] = 0;
            $shown[$size] = 0.0;
            foreach ($jobs as $job) {
                $work = $job->chore === null ? $graph->workOf(self::task($job)) : null;
                $length = $job->chore === null ? $work->seamLength ?? 0.0 : $graph->joining($job->chore)->seamLength ?? 0.0;
                $minutes[$size] += $job->chore === null ? $work->minutes ?? 0 : $graph->minutesOf($job->chore);
                $shown[$size] += $length / max(1e-9, $graph->seamLength());
                if ($work?->technique !== null) {
                    $techniques[$work->technique] = true;
                }
            }
        }

        return new SplitItem($jobs, $minutes, $shown, array_map(strval(...), array_keys($techniques)), $needs);
    }

    /**
     * @param  list<string>  $open
     */
    private static function shown(Design $design, MakingGraph $graph, array $open): float
    {
        $sewn = 0.0;
        foreach ($design->clues as $clue) {
            foreach (in_array($clue->id, $open, true) ? $clue->tasks : [] as $task) {
                $sewn += $graph->workOf($task)->seamLength ?? 0.0;
            }
            foreach (in_array($clue->id, $open, true) ? $clue->chores : [] as $chore) {
                $sewn += $graph->joining($chore)->seamLength ?? 0.0;
            }
        }

        return $sewn / max(1e-9, $graph->seamLength());
    }

    private static function task(SplitJob $job): Task
    {
        return new Task($job->task ?? '', $job->product, null, $job->share);
    }

    /**
     * In the order of making, with what stays together in one place. Things that would have to come before and after each other stay apart.
     *
     * @param  list<string>  $names  of every job; those of one name stay together
     * @param  array<int, list<int>>  $needs
     * @return list<list<int>>
     */
    private static function sorted(array $names, array $needs): array
    {
        $members = $outer = [];
        foreach ($names as $number => $name) {
            $members[$name][] = $number;
            foreach ($needs[$number] as $needed) {
                if ($names[$needed] !== $name) {
                    $outer[$name][$names[$needed]] = true;
                }
            }
        }
        $sorted = $done = [];
        while (count($done) < count($members)) {
            $next = null;
            foreach (array_keys($members) as $name) {
                if (! isset($done[$name]) && array_diff_key($outer[$name] ?? [], $done) === []) {
                    $next = $name;

                    break;
                }
            }
            if ($next === null) {
                return self::sorted(array_map(fn (int $number): string => "job $number", array_keys($names)), $needs);
            }
            $done[$next] = true;
            $sorted[] = $members[$next];
        }

        return $sorted;
    }
}
