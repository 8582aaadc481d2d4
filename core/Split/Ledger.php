<?php

declare(strict_types=1);

namespace Dew\Core\Split;

use Dew\Core\Design\Design;

/**
 * What is made, used and waiting at one size, clue by clue. What goes into something that no clue makes is needed when that itself is
 * needed, and what goes into the top after the last clue.
 */
final readonly class Ledger
{
    /**
     * @param  int  $clues  how many there are
     * @param  list<LedgerLine>  $lines  in the order in which things are made; what no clue makes comes last
     * @param  list<LedgerProblem>  $problems
     */
    private function __construct(
        public string $size,
        public string $sizeName,
        public int $clues,
        public array $lines,
        public array $problems,
    ) {
    }

    public static function of(Design $design, MakingGraph $graph): self
    {
        $tasks = [];
        $order = 0;
        foreach (array_values($design->clues) as $number => $clue) {
            foreach ($clue->tasks as $task) {
                $tasks[$task->product] = [$task->id, $number, $order++];
            }
        }
        $clues = count($design->clues);
        $when = self::when($graph, $tasks, $clues);
        $uses = self::uses($graph, $when, $clues);
        $lines = $problems = [];
        foreach ($graph->works as $key => $work) {
            $key = (string) $key;
            [$task, $clue, $place] = $tasks[$key] ?? [null, null, PHP_INT_MAX];
            $lines[] = [$place, new LedgerLine($key, $work->name, $task, $clue, $work->count, $uses[$key] ?? [])];
            foreach ($clue === null ? [] : $uses[$key] ?? [] as $use) {
                $late = $use->by === null ? [$clues, PHP_INT_MAX] : $when[$use->by];
                if ([$clue, $place] > $late) {
                    $problems[] = new LedgerProblem(LedgerProblem::LATE, $key, $use->by, $clue, $late[0]);
                }
            }
            if ($clue !== null && ($uses[$key] ?? []) === []) {
                $problems[] = new LedgerProblem(LedgerProblem::UNUSED, $key, null, $clue, $clues);
            }
        }
        foreach ($tasks as $product => [, $clue]) {
            if (! isset($graph->works[$product])) {
                $problems[] = new LedgerProblem(LedgerProblem::NOTHING, (string) $product, null, $clue, $clues);
            }
        }
        usort($lines, fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return new self($graph->size, $graph->sizeName, $clues, array_column($lines, 1), $problems);
    }

    /** @return array<string, int> how many of what waits in a bag once a clue is done, by product key */
    public function waiting(int $clue): array
    {
        $waiting = [];
        foreach ($this->lines as $line) {
            $waiting[$line->product] = $line->waiting($clue);
        }

        return array_filter($waiting);
    }

    /**
     * When everything is put together: its own clue and place there, or for what no clue makes the first that needs it.
     *
     * @param  array<string, array{string, int, int}>  $tasks
     * @return array<string, array{int, int}>
     */
    private static function when(MakingGraph $graph, array $tasks, int $clues): array
    {
        $when = [];
        // What needs a thing stands behind it: from the end, everything that needs it is known.
        foreach (array_reverse($graph->works, true) as $key => $work) {
            $own = isset($tasks[$key]) ? [$tasks[$key][1], $tasks[$key][2]] : ($when[$key] ?? [$clues, PHP_INT_MAX]);
            $when[$key] = $own;
            foreach (array_keys($work->needs) as $inner) {
                if (! isset($tasks[$inner])) {
                    $when[$inner] = min($when[$inner] ?? [$clues, PHP_INT_MAX], $own);
                }
            }
        }

        return $when;
    }

    /**
     * @param  array<string, array{int, int}>  $when
     * @return array<string, list<LedgerUse>> by product key, in their order in time
     */
    private static function uses(MakingGraph $graph, array $when, int $clues): array
    {
        $uses = [];
        foreach ($graph->works as $key => $work) {
            foreach ($work->needs as $inner => $count) {
                $uses[$inner][] = new LedgerUse((string) $key, $when[$key][0], $count);
            }
        }
        foreach ($graph->top as $key => $count) {
            $uses[$key][] = new LedgerUse(null, $clues, $count);
        }
        foreach (array_keys($uses) as $key) {
            usort($uses[$key], fn (LedgerUse $one, LedgerUse $other): int => [$one->clue, $one->by] <=> [$other->clue, $other->by]);
        }

        return $uses;
    }
}
