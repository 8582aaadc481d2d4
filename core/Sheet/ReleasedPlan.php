<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

/**
 * What a member may know: sheets of released clues and nothing else.
 *
 * It is built from sheets that were already filtered, so every sum in it is a sum over released work; no total gives away what is to come.
 */
final readonly class ReleasedPlan
{
    /** @param  list<ClueSheet>  $clues in order of release */
    private function __construct(public array $clues)
    {
    }

    /** @param  list<ClueSheet>  $released */
    public static function of(array $released): self
    {
        usort($released, fn (ClueSheet $a, ClueSheet $b): int => $a->number <=> $b->number);

        return new self($released);
    }

    public function clue(int $number): ?ClueSheet
    {
        foreach ($this->clues as $clue) {
            if ($clue->number === $number) {
                return $clue;
            }
        }

        return null;
    }

    /** @return list<TaskSheet> */
    public function tasks(): array
    {
        return array_merge(...array_map(fn (ClueSheet $clue): array => $clue->tasks, $this->clues));
    }

    /** @return list<string> ids of the fabric slots the released work is cut from, in the order they first appear */
    public function slots(): array
    {
        $slots = [];
        foreach ($this->tasks() as $task) {
            foreach ($task->making->pieces as $piece) {
                foreach ($piece->slots as $slot) {
                    $slots[$slot] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($slots));
    }
}
