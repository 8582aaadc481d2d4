<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Models\Project;
use App\Models\QuiltAlong;
use App\Support\Kept;
use App\Wording\Host\JobName;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignClue;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Split\Load;
use Dew\Core\Split\MakingGraph;
use Dew\Core\Split\Split;
use Dew\Core\Split\SplitJob;
use Dew\Core\Split\SplitProblem;
use Dew\Core\Split\Splitter;
use Dew\Core\Words\Chore;
use Dew\Core\Words\ClueKind;
use InvalidArgumentException;

/** A suggested split of a draft beside the one it has. Clues that are open stay as they are. */
final readonly class SplitStudy
{
    /**
     * @param  array<string, string>  $sizes  names by id
     * @param  list<string>  $open  ids of the clues that are open
     * @param  list<string>  $kept  ids of the clues that stay as they are: those that are open, pauses and bonuses
     * @param  list<array<string, int>>  $now  minutes of every clue of the draft, by size
     * @param  list<array<string, int>>  $then  minutes of every clue of the suggestion
     * @param  list<list<array{product: string, name: string, task: array<string, mixed>}>>  $clues  what each clue makes that is not open;
     *     tasks have an id where the draft has one for them
     * @param  array<string, string>  $moved  names of what would lie in another clue than now, by product key
     * @param  array{int, int, int}  $cost
     * @param  array<string, string>  $names  of everything that is shared out, by product key
     */
    private function __construct(
        public array $sizes,
        public array $open,
        public array $kept,
        public array $now,
        public array $then,
        public array $clues,
        public array $moved,
        public array $cost,
        public int $bound,
        public float $above,
        public array $names,
    ) {
    }

    /**
     * @param  int  $clues  over how many clues in all, those that are open included
     * @return self|null null when the draft cannot be worked out yet
     */
    public static function of(DraftDocument $document, QuiltAlong $quiltAlong, int $clues, bool $isMystery): ?self
    {
        $text = $document->document()->text;
        $keys = array_map(fn (array $clue): string => (string) Place::idOf($clue), $document->items(Place::of('clues')));
        $released = $quiltAlong->clues()->opened()->pluck('key')->all();
        $open = array_values(array_intersect($keys, $released));
        /** @var array<string, int> $members */
        $members = Project::query()->where(
            'quilt_along_id',
            $quiltAlong->id,
        )->where('size_later', false)->pluck('size_key')->countBy()->all();
        ksort($members);
        $study = Kept::Split->remember([$text, $open, $members, $clues, $isMystery], fn (): self|false => self::make(
            $document, $text, $open, $members, $clues, $isMystery,
        ) ?? false);

        return $study instanceof self ? $study : null;
    }

    /**
     * The tasks of every clue once some of the suggestion is taken.
     *
     * @param  list<string>  $products  keys of what is taken
     * @return array<string, list<array<string, mixed>>> by the id of the clue; new clues, which have none yet, by "+1", "+2" and so on
     */
    public function taken(DraftDocument $document, array $products): array
    {
        $ids = $lists = $order = $keys = [];
        foreach ($this->clues as $jobs) {
            foreach ($jobs as $job) {
                if (in_array($job['product'], $products, true)) {
                    $keys[self::key($job['task'])] = true;
                }
            }
        }
        foreach ($document->items(Place::of('clues')) as $clue) {
            $id = (string) Place::idOf($clue);
            if (in_array($id, $this->kept, true)) {
                continue;
            }
            $ids[] = $id;
            $lists[$id] = array_values(array_filter(
                DraftDocument::tasks($clue), fn (array $task): bool => ! isset($keys[self::key($task)]),
            ));
        }
        $places = 0;
        foreach ($this->clues as $number => $jobs) {
            $id = $ids[$number] ?? '+'.($number - count($ids) + 1);
            foreach ($jobs as $job) {
                $order[self::key($job['task']).' '.self::which($job['task'])] = $places++;
                if (in_array($job['product'], $products, true)) {
                    $lists[$id][] = $job['task'];
                }
            }
        }
        foreach ($lists as $id => $tasks) {
            // In the order of making, so that nothing stands before what it needs.
            $place = fn (array $task): int => $order[self::key($task).' '.self::which($task)] ?? PHP_INT_MAX;
            usort($tasks, fn (array $one, array $other): int => $place($one) <=> $place($other));
            $lists[$id] = $tasks;
        }

        return array_filter($lists, fn (array $tasks, string $id): bool => $id[0] !== '+' || $tasks !== [], ARRAY_FILTER_USE_BOTH);
    }

    /**
     * @param  list<string>  $open
     * @param  array<string, int>  $members
     */
    private static function make(
        DraftDocument $document,
        string $text,
        array $open,
        array $members,
        int $clues,
        bool $isMystery,
    ): ?self {
        try {
            $design = DesignReader::stored($text);
            $kept = self::kept($design, $open);
            $compilation = Compilation::of($design);
            $graphs = $now = $names = $chores = [];
            foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
                $graphs[$size] = MakingGraph::of($compilation, $size);
                foreach (Load::ofClues($design, $graphs[$size]) as $load) {
                    $now[$load->clue][$size] = $load->minutes;
                }
                foreach ($graphs[$size]->works as $key => $work) {
                    $names[$key] ??= $work->name;
                }
                foreach (array_values($design->clues) as $number => $clue) {
                    $own = array_filter($clue->chores, fn (Chore $chore): bool => ! SplitJob::isSharedOut($chore));
                    $chores[$number][$size] = array_sum(array_map($graphs[$size]->minutesOf(...), $own));
                }
            }
            $split = Splitter::suggest(SplitProblem::of(
                $design, $graphs, max(1, $clues - count($kept)), $members, $isMystery, $design->together, open: $open,
            ));
        } catch (DocumentException|InvalidArgumentException|MeasureException) {
            return null;
        }
        $tasks = [];
        foreach ($document->items(Place::of('clues')) as $clue) {
            foreach (DraftDocument::tasks($clue) as $task) {
                $tasks[(string) Place::idOf($task)] = $task;
            }
        }
        $jobs = array_map(fn (array $jobs): array => array_map(fn (SplitJob $job): array => [
            'product' => $job->product,
            'name' => JobName::of($job, $names),
            'task' => self::task($job, $document, $tasks),
        ], $jobs), $split->clues());
        foreach (array_merge(...$split->clues()) as $job) {
            $names[$job->product] ??= JobName::of($job, $names);
        }
        $minutes = $split->minutes();
        foreach (self::finishing($design, $kept, $split->clues()) as [$number, $into, $chore]) {
            $job = SplitJob::ofChore($chore, $chore->id);
            $names[$job->product] = JobName::of($job, $names);
            $jobs[$into][] = ['product' => $job->product, 'name' => $names[$job->product], 'task' => $tasks[$chore->id] ?? []];
            foreach ($graphs as $size => $graph) {
                $chores[$number][$size] -= $graph->minutesOf($chore);
                $minutes[$into][$size] = ($minutes[$into][$size] ?? 0) + $graph->minutesOf($chore);
            }
        }
        $then = self::then(array_values($design->clues), $kept, array_values($now), $chores, $minutes);

        return new self(
            array_map(fn ($size): string => $size->name, $design->sizes),
            $open,
            $kept,
            array_values($now),
            $then,
            $jobs,
            self::moved($document, $kept, $jobs, $names),
            $split->cost,
            $split->bound,
            $split->above(),
            array_intersect_key($names, array_fill_keys(array_merge(...array_map(
                fn (array $jobs): array => array_column($jobs, 'product'),
                $jobs,
            )), true)),
        );
    }

    /**
     * Clues that a suggestion leaves alone.
     *
     * @param  list<string>  $open
     * @return list<string> ids, in their order
     */
    private static function kept(Design $design, array $open): array
    {
        return array_values(array_map(fn (DesignClue $clue): string => $clue->id, array_filter(
            $design->clues,
            fn (DesignClue $clue): bool => in_array($clue->id, $open, true) || $clue->words->kind !== ClueKind::Usual,
        )));
    }

    /**
     * Where the suggestion has the stages of finishing: in the clue they are in, or in the last one that makes something.
     *
     * @param  list<string>  $kept
     * @param  list<list<SplitJob>>  $clues  what each clue of the suggestion makes
     * @return list<array{int, int, Chore}> the number of its clue in the design, that of its clue in the suggestion, and the chore
     */
    private static function finishing(Design $design, array $kept, array $clues): array
    {
        $last = max([0, ...array_keys(array_filter($clues))]);
        $chores = [];
        $from = 0;
        foreach (array_values($design->clues) as $number => $clue) {
            if (in_array($clue->id, $kept, true)) {
                continue;
            }
            foreach ($clue->chores as $chore) {
                if (in_array($chore->kind, Chore::FINISHING, true)) {
                    $chores[] = [$number, min(count($clues) - 1, max($from, $last)), $chore];
                }
            }
            $from++;
        }

        return $chores;
    }

    /**
     * Minutes of every clue once the suggestion is taken: what is suggested, and the tasks that make nothing, which stay in their clues.
     *
     * @param  list<DesignClue>  $clues
     * @param  list<string>  $kept
     * @param  list<array<string, int>>  $now
     * @param  array<int, array<string, int>>  $chores  minutes by clue and size
     * @param  list<array<string, int>>  $suggested
     * @return list<array<string, int>>
     */
    private static function then(array $clues, array $kept, array $now, array $chores, array $suggested): array
    {
        $then = [];
        foreach ($clues as $number => $clue) {
            if (in_array($clue->id, $kept, true)) {
                $then[] = $now[$number];

                continue;
            }
            $minutes = array_shift($suggested) ?? [];
            foreach ($chores[$number] as $size => $count) {
                $minutes[$size] = ($minutes[$size] ?? 0) + $count;
            }
            $then[] = $minutes;
        }

        return [...$then, ...$suggested];
    }

    /**
     * What each row of the table makes; null for a clue that stays as it is.
     *
     * @return list<list<string>|null> names
     */
    public function rows(DraftDocument $document): array
    {
        $jobs = $this->clues;
        $rows = [];
        foreach ($document->items(Place::of('clues')) as $clue) {
            $rows[] = in_array(Place::idOf($clue), $this->kept, true) ? null : array_column(array_shift($jobs) ?? [], 'name');
        }

        return [...$rows, ...array_map(fn (array $more): array => array_column($more, 'name'), $jobs)];
    }

    /**
     * @param  array<string, array<string, mixed>>  $tasks  of the draft, by id
     * @return array<string, mixed>
     */
    private static function task(SplitJob $job, DraftDocument $document, array $tasks): array
    {
        if ($job->chore !== null) {
            return $job->task === null ? ['stage' => $job->chore->kind] : $tasks[$job->task] ?? [];
        }
        $task = $job->task === null ? Remark::product($document, $job->product) : $tasks[$job->task] ?? [];

        return ($job->share?->data() ?? []) + array_diff_key($task, ['share' => true, 'for' => true]);
    }

    /**
     * @param  list<string>  $open
     * @param  list<list<array{product: string, name: string, task: array<string, mixed>}>>  $clues
     * @param  array<string, string>  $names
     * @return array<string, string>
     */
    private static function moved(DraftDocument $document, array $open, array $clues, array $names): array
    {
        $is = $was = [];
        $number = 0;
        foreach ($document->items(Place::of('clues')) as $clue) {
            if (! in_array(Place::idOf($clue), $open, true)) {
                foreach (DraftDocument::tasks($clue) as $task) {
                    $was[self::key($task)][] = $number.self::which($task);
                }
                $number++;
            }
        }
        $products = [];
        foreach ($clues as $place => $jobs) {
            foreach ($jobs as $job) {
                $is[self::key($job['task'])][] = $place.self::which($job['task']);
                $products[self::key($job['task'])] = $job['product'];
            }
        }
        $moved = [];
        foreach ($is as $key => $places) {
            if ($places !== ($was[$key] ?? [])) {
                $moved[$products[$key]] = $names[$products[$key]] ?? $products[$key];
            }
        }

        return $moved;
    }

    /**
     * Which of the copies a task makes, as one text.
     *
     * @param  array<array-key, mixed>  $task
     */
    private static function which(array $task): string
    {
        return (string) json_encode([$task['share'] ?? null, $task['for'] ?? null]);
    }

    /**
     * What a task makes, as one text.
     *
     * @param  array<array-key, mixed>  $task
     */
    private static function key(array $task): string
    {
        $what = array_intersect_key($task, array_flip(['unit', 'block', 'part', 'section', 'mirror', 'fabrics', 'quilt', 'stage']));
        ksort($what);

        return (string) json_encode($what);
    }
}
