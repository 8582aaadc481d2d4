<?php

declare(strict_types=1);

namespace Dew\Core\Split;

use Dew\Core\Design\Design;
use Dew\Core\Design\DesignClue;

/**
 * What is made, used and waiting at one size, clue by clue. What goes into something that no clue makes is needed when that itself is
 * needed, and what goes into the top after the last clue. Where several tasks make shares of a block, what goes into it is used share by
 * share.
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
        return self::ofClues(array_values($design->clues), $graph);
    }

    /** @param  list<DesignClue>  $inOrder  the clues */
    public static function ofClues(array $inOrder, MakingGraph $graph): self
    {
        $clues = count($inOrder);
        $makes = $problems = [];
        $first = 0;
        foreach ($inOrder as $number => $clue) {
            $order = array_flip($clue->order);
            foreach ($clue->tasks as $task) {
                $place = $first + ($order[$task->id] ?? 0);
                $count = isset($graph->works[$task->product]) ? $graph->made($task) : 0;
                if ($count > 0) {
                    $makes[$task->product][] = new LedgerMake($task->id, $number, $place, $count);
                } else {
                    $problems[] = new LedgerProblem(LedgerProblem::NOTHING, $task->product, null, $number, $clues);
                }
            }
            $first += count($clue->tasks) + count($clue->chores);
        }
        $place = $first;
        $uses = self::uses($graph, $makes, $clues, $place);
        $lines = [];
        foreach ($graph->works as $key => $work) {
            $key = (string) $key;
            $line = new LedgerLine($key, $work->name, $work->count, $makes[$key] ?? [], $uses[$key] ?? []);
            $lines[] = [$line->makes[0]->place ?? PHP_INT_MAX, $line];
            if ($line->makes !== [] && $line->made() < $line->used()) {
                $problems[] = new LedgerProblem(
                    LedgerProblem::SHORT, $key, null, $line->makes[count($line->makes) - 1]->clue, $line->until() ?? $clues, $line->used() - $line->made(),
                );
            }
            $late = $line->late();
            if ($late !== null) {
                $last = $line->makes[count($line->makes) - 1];
                $problems[] = new LedgerProblem(LedgerProblem::LATE, $key, $late->by, $last->clue, $late->clue);
            } elseif ($line->makes !== [] && $line->uses === []) {
                $problems[] = new LedgerProblem(LedgerProblem::UNUSED, $key, null, $line->makes[0]->clue, $clues);
            }
        }
        array_push($problems, ...self::early($inOrder, $graph, $makes));
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
     * Chores that stand before what they need: copies of a block are quilted once they are made, rows are sewn of blocks that are made, and
     * joined once they are sewn.
     *
     * @param  list<DesignClue>  $clues
     * @param  array<string, list<LedgerMake>>  $makes
     * @return list<LedgerProblem>
     */
    private static function early(array $clues, MakingGraph $graph, array $makes): array
    {
        $problems = $quilted = [];
        $first = 0;
        foreach ($clues as $number => $clue) {
            $order = array_flip($clue->order);
            foreach ($clue->chores as $chore) {
                $place = $first + ($order[$chore->id] ?? 0);
                if ($chore->block !== null) {
                    $quilted[$chore->block] = ($quilted[$chore->block] ?? 0) + $graph->times($chore);
                }
                $needed = match (true) {
                    $chore->block !== null => [$chore->block => $quilted[$chore->block]],
                    $chore->kind === 'rows' => $graph->blocks,
                    default => [],
                };
                foreach ($needed as $product => $count) {
                    $last = self::madeBy($makes[$product] ?? [], $count);
                    if ($last !== null && $last->place > $place) {
                        $problems[] = new LedgerProblem(LedgerProblem::EARLY, (string) $product, $chore->id, $number, $last->clue);
                    }
                }
                if ($chore->kind === 'centre' && self::rows($clues, $number) !== null) {
                    $problems[] = new LedgerProblem(LedgerProblem::EARLY, 'rows', $chore->id, $number, (int) self::rows($clues, $number));
                }
            }
            $first += count($clue->tasks) + count($clue->chores);
        }

        return $problems;
    }

    /**
     * The number of a clue after this one in which rows are sewn.
     *
     * @param  list<DesignClue>  $clues
     */
    private static function rows(array $clues, int $after): ?int
    {
        foreach (array_slice($clues, $after + 1, null, true) as $number => $clue) {
            foreach ($clue->chores as $chore) {
                if ($chore->kind === 'rows') {
                    return $number;
                }
            }
        }

        return null;
    }

    /**
     * The task with which so many of a thing are made; null when no task makes it.
     *
     * @param  list<LedgerMake>  $makes
     */
    private static function madeBy(array $makes, int $count): ?LedgerMake
    {
        $made = 0;
        foreach ($makes as $make) {
            $made += $make->count;
            if ($made >= $count) {
                return $make;
            }
        }

        return $makes === [] ? null : $makes[count($makes) - 1];
    }

    /**
     * @param  array<string, list<LedgerMake>>  $makes
     * @param  int  $end  a place beyond all tasks
     * @return array<string, list<LedgerUse>> by product key, in their order in time
     */
    private static function uses(MakingGraph $graph, array $makes, int $clues, int $end): array
    {
        $uses = [];
        foreach ($graph->top as $key => $count) {
            $uses[$key][] = new LedgerUse(null, $clues, $end, $count);
        }
        // What needs a thing stands behind it: from the end, everything that needs it is known.
        foreach (array_reverse($graph->works, true) as $key => $work) {
            $key = (string) $key;
            $taken = $uses[$key] ?? [];
            foreach ($work->needs as $inner => $count) {
                foreach (self::shared($makes[$key] ?? $taken, $count) as [$entry, $part]) {
                    $uses[$inner][] = new LedgerUse($key, $entry->clue, $entry->place, $part);
                }
            }
        }
        foreach (array_keys($uses) as $key) {
            usort($uses[$key], fn (LedgerUse $one, LedgerUse $other): int => [$one->place, $one->by] <=> [$other->place, $other->by]);
        }

        return $uses;
    }

    /**
     * What goes into a thing, shared out over the times at which it is made (or used, where no clue makes it).
     *
     * @param  list<LedgerMake|LedgerUse>  $entries
     * @return list<array{LedgerMake|LedgerUse, int}>
     */
    private static function shared(array $entries, int $count): array
    {
        $whole = array_sum(array_map(fn (LedgerMake|LedgerUse $entry): int => $entry->count, $entries));
        $shares = [];
        $before = $done = 0;
        foreach ($entries as $entry) {
            $before += $entry->count;
            $upTo = $whole === 0 ? 0 : intdiv($count * $before, $whole);
            if ($upTo > $done) {
                $shares[] = [$entry, $upTo - $done];
            }
            $done = $upTo;
        }

        return $shares;
    }
}
