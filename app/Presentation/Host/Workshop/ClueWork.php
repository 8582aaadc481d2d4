<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Support\Kept;
use App\Wording\Host\PartName;
use App\Wording\KindWords;
use App\Wording\TimeRange;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignClue;
use Dew\Core\Design\ProductKey;
use Dew\Core\Design\Task;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;
use Dew\Core\Making\Pace;
use Dew\Core\Split\Ledger;
use Dew\Core\Split\LedgerProblem;
use Dew\Core\Split\Load;
use Dew\Core\Words\Chore;

/** What a quilt takes that somebody has to make, which clue makes it, and what each clue asks of every size. */
final readonly class ClueWork
{
    /** What the bars may be drawn against, times a power of ten. */
    private const SCALE = [1, 1.5, 2, 3, 5, 7.5, 10];

    /**
     * @param  list<array{key: string, name: string, counts: array<string, int>, tasks: list<array<string, mixed>>}>  $unmade  what no clue
     *     makes, and the tasks that would
     * @param  array<string, array<string, int>>  $counts  by the id of a task and of a size
     * @param  array<string, string>  $names  of what each task makes
     * @param  array<string, string>  $products  ids of the units and blocks that tasks make, by task; empty for parts of the setting
     * @param  array<string, string>  $sizes  names by id
     * @param  list<array<string, array{minutes: int, time: string, seams: int, pieces: int, shown: float, techniques: list<string>}>>  $loads  by clue
     *     and size
     * @param  array<string, list<string>>  $problems  why a task cannot be where it is, by task
     * @param  list<list<string>>  $blocks  names of the blocks that are all sewn once a clue is done, and were not before
     * @param  array<string, string>  $notMade  names of what the design does not make on purpose, by key
     * @param  array<string, int>  $parts  into how many shares a task can be divided, by task
     */
    private function __construct(
        public array $unmade,
        public array $counts,
        public array $names,
        public array $products = [],
        public array $sizes = [],
        public array $loads = [],
        public array $problems = [],
        public array $blocks = [],
        public array $notMade = [],
        public array $parts = [],
    ) {
    }

    public static function of(DraftDocument $document): self
    {
        return Kept::Work->remember($document->value, fn (): self => self::make($document));
    }

    /** What the bars are drawn against: the most minutes that one clue asks of any size, rounded up so that it seldom changes. */
    public function most(): int
    {
        $most = max([1, ...array_map(fn (array $load): int => max([0, ...array_column($load, 'minutes')]), $this->loads)]);
        $power = 10 ** (int) floor(log10($most));
        foreach (self::SCALE as $times) {
            if ($most <= $times * $power) {
                return (int) ceil($times * $power);
            }
        }

        return $most;
    }

    /** Minutes of a clue at a size, were all of them equal. */
    public function even(string $size): int
    {
        $minutes = array_map(fn (array $load): int => $load[$size]['minutes'] ?? 0, $this->loads);

        return $minutes === [] ? 0 : (int) round(array_sum($minutes) / count($minutes));
    }

    private static function make(DraftDocument $document): self
    {
        $found = WorkRecord::of($document);
        if ($found === null) {
            return new self([], [], []);
        }
        [$record, $clues] = $found;
        $made = [];
        foreach ($clues as $clue) {
            $made += array_fill_keys(array_map(fn (Task $task): string => $task->product, $clue->tasks), true);
        }
        $order = array_flip($record->order);
        $notMade = self::notMade($document, $record);
        $unmade = $counts = $names = $products = $parts = [];
        foreach ($record->graphs as $size => $graph) {
            foreach ($graph->counts as $key => $count) {
                if ($count > 0 && ! isset($made[$key]) && ! isset($notMade[$key]) && isset($graph->works[$key])) {
                    $unmade[$key] ??= [
                        'key' => (string) $key,
                        'name' => PartName::of((string) $key, $record->names[$size][$key]),
                        'counts' => [],
                        'tasks' => [Remark::product($document, (string) $key)],
                    ];
                    $unmade[$key]['counts'][$record->sizes[$size]] = $count;
                }
            }
            foreach ($clues as $clue) {
                foreach ($clue->tasks as $task) {
                    $counts[$task->id][$size] = $graph->made($task);
                    $parts[$task->id] = max($parts[$task->id] ?? 0, $graph->parts($task));
                    $names[$task->id] ??= $record->names[$size][$task->product] ?? $task->product;
                    $id = ProductKey::id($task->product);
                    $products[$task->id] = isset($record->drawn[$id]) ? $id : '';
                }
                foreach ($clue->chores as $chore) {
                    $counts[$chore->id][$size] = $graph->times($chore);
                    $parts[$chore->id] = $chore->block === null || $chore->of > 1 ? 1 : max($parts[$chore->id] ?? 0, $graph->times($chore));
                    $names[$chore->id] ??= match (true) {
                        $chore->name !== '' => $chore->name,
                        $chore->block !== null => __('chores.quilt', ['block' => $record->names[$size][$chore->block] ?? $chore->block]),
                        default => __('chores.kinds.'.$chore->kind),
                    };
                    $products[$chore->id] = $chore->block ?? '';
                }
            }
        }
        uasort($unmade, fn (array $a, array $b): int => ($order[$a['key']] ?? PHP_INT_MAX) <=> ($order[$b['key']] ?? PHP_INT_MAX));

        array_push($unmade, ...self::unjoined($clues, $notMade));

        $pace = $document->value['pace'] ?? null;
        $pace = is_string($pace) ? Pace::tryFrom($pace) : null;

        return new self(
            array_values($unmade), $counts, $names, $products, $record->sizes, ...self::loads($record, $clues, $pace ?? Pace::Usual),
            notMade: $notMade, parts: $parts,
        );
    }

    /**
     * Joining and finishing, where no clue does them and the design does not leave them out.
     *
     * @param  list<DesignClue>  $clues
     * @param  array<string, string>  $notMade
     * @return list<array{key: string, name: string, counts: array<string, int>, tasks: list<array<string, mixed>>}>
     */
    private static function unjoined(array $clues, array $notMade): array
    {
        $kinds = [];
        foreach ($clues as $clue) {
            $kinds += array_fill_keys(array_map(fn (Chore $chore): string => $chore->kind, $clue->chores), true);
        }
        $unjoined = [];
        foreach ([Design::JOINING => Chore::JOINING, Design::FINISHING => Chore::FINISHING] as $key => $stages) {
            if (! isset($notMade[$key]) && array_intersect_key($kinds, array_flip($stages)) === []) {
                $unjoined[] = ['key' => $key, 'name' => __('chores.'.$key), 'counts' => [], 'tasks' => Remark::stages($key)];
            }
        }

        return $unjoined;
    }

    /** @return array<string, string> names by key */
    private static function notMade(DraftDocument $document, WorkRecord $record): array
    {
        $keys = $document->at(Place::of('not_made'))->value;
        $names = array_replace(...array_reverse([[], ...array_values($record->names)]));
        $notMade = [];
        foreach (is_array($keys) ? array_filter($keys, is_string(...)) : [] as $key) {
            $notMade[$key] = in_array($key, [Design::JOINING, Design::FINISHING], true) ? __('chores.'.$key) : PartName::of($key, $names[$key] ?? $key);
        }

        return $notMade;
    }

    /**
     * @param  list<DesignClue>  $clues
     * @return array{
     *     list<array<string, array{minutes: int, time: string, seams: int, pieces: int, shown: float, techniques: list<string>}>>,
     *     array<string, list<string>>, list<list<string>>
     * }
     */
    private static function loads(WorkRecord $record, array $clues, Pace $pace): array
    {
        $loads = $problems = [];
        $blocks = array_fill(0, count($clues), []);
        foreach ($record->graphs as $size => $graph) {
            foreach (Load::of($clues, $graph) as $load) {
                $loads[$load->clue][$size] = [
                    'minutes' => $load->minutes, 'time' => TimeRange::text($pace->around($load->minutes), true), 'seams' => $load->seams, 'pieces' => $load->pieces, 'shown' => round($load->shown, 3),
                    'techniques' => array_map(KindWords::name(...), $load->techniques),
                ];
            }
            $ledger = Ledger::ofClues($clues, $graph);
            $named = fn (string $product, string $else): string => isset($graph->works[$product]) ? $graph->works[$product]->name : $else;
            foreach ($ledger->problems as $problem) {
                if ($problem->code === LedgerProblem::EARLY) {
                    $problems[(string) $problem->by][__('split.problems.early', [
                        'thing' => $named($problem->product, __('chores.kinds.rows')), 'number' => $problem->needed + 1,
                    ])] = true;

                    continue;
                }
                $said = __('split.problems.'.$problem->code, [
                    'thing' => $named($problem->product, $problem->product),
                    'by' => $problem->by === null ? __('split.top') : $named($problem->by, $problem->by),
                    'number' => $problem->clue + 1, 'needed' => $problem->needed + 1, 'missing' => $problem->missing,
                ]);
                foreach ($clues[$problem->clue]->tasks as $task) {
                    // A size that takes none of a thing is worth a word only where no size takes any.
                    if ($task->product === $problem->product && $problem->code !== 'nothing') {
                        $problems[$task->id][$said] = true;
                    }
                }
            }
            foreach ($ledger->lines as $line) {
                $last = $line->makes === [] ? null : $line->makes[count($line->makes) - 1]->clue;
                if ($last !== null && isset($graph->blocks[$line->product]) && $line->made() >= $line->count) {
                    $blocks[$last][$line->name] = true;
                }
            }
        }
        ksort($loads);

        return [
            array_values($loads),
            array_map(fn (array $said): array => array_map(strval(...), array_keys($said)), $problems),
            array_values(array_map(fn (array $names): array => array_map(strval(...), array_keys($names)), $blocks)),
        ];
    }
}
