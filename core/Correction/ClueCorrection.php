<?php

declare(strict_types=1);

namespace Dew\Core\Correction;

/** Everything that a clue says otherwise at one size and by some methods than it did before. */
final readonly class ClueCorrection
{
    /**
     * @param  list<SheetChange>  $changes  of the clue itself
     * @param  list<TaskCorrection>  $tasks  those in which something changed, the new and the gone ones too
     */
    public function __construct(
        public array $changes,
        public array $tasks,
    ) {
    }

    public function isEmpty(): bool
    {
        return $this->changes === [] && $this->tasks === [];
    }

    /**
     * The numbers that changed, and ways of pressing: what a person cuts, counts, trims to or presses by. Another order of steps or another
     * drawing of the same is left out.
     */
    public function inNumbers(): ?self
    {
        $numbers = new self(
            array_values(array_filter($this->changes, fn (SheetChange $change): bool => $change->isNumber())),
            array_values(array_filter($this->tasks, fn (TaskCorrection $task): bool => $task->inNumbers())),
        );

        return $numbers->isEmpty() ? null : $numbers;
    }

    /** Whether more changed than words, so that members have to be told. */
    public function matters(): bool
    {
        return array_filter($this->changes, fn (SheetChange $change): bool => $change->matters()) !== []
            || array_filter($this->tasks, fn (TaskCorrection $task): bool => $task->matters()) !== [];
    }

    /**
     * How far somebody is with it: the furthest of its tasks.
     *
     * @param  array<string, int>  $counts  done, by {@see Standing::name()}; of the whole clue
     */
    public function stage(array $counts): Stage
    {
        if (array_filter($counts) === []) {
            return Stage::Untouched;
        }
        $stages = array_map(fn (TaskCorrection $task): Stage => $task->stage($counts), $this->tasks);

        return match (true) {
            in_array(Stage::Made, $stages, true) => Stage::Made,
            in_array(Stage::Cut, $stages, true) => Stage::Cut,
            default => Stage::Uncut,
        };
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(): array
    {
        return [
            'changes' => array_map(fn (SheetChange $change): array => $change->toData(), $this->changes),
            'tasks' => array_map(fn (TaskCorrection $task): array => $task->toData(), $this->tasks),
        ];
    }

    /** @param  array<string, mixed>  $data  as {@see toData()} gave it */
    public static function fromData(array $data): self
    {
        /** @var array{changes: list<array<string, mixed>>, tasks: list<array<string, mixed>>} $data */
        return new self(
            array_map(SheetChange::fromData(...), $data['changes']),
            array_map(TaskCorrection::fromData(...), $data['tasks']),
        );
    }
}
