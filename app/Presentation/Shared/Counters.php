<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Models\Project;
use Dew\Core\Plan\ClueSheet;
use Dew\Core\Plan\TaskSheet;
use Dew\Core\Unit\Method;

/** The counters of one clue as one project has them. */
final readonly class Counters
{
    /** @param  array<string, CounterView>  $views by anchor */
    private function __construct(private array $views)
    {
    }

    public static function of(ClueSheet $sheet, Project $project): self
    {
        $progress = $project->progress()->whereIn('task_key', array_map(fn (TaskSheet $task): string => $task->task, $sheet->tasks))->get();
        $views = [];
        foreach ($sheet->tasks as $task) {
            foreach ($task->counters($project->madeBefore($task)) as $counter => $total) {
                $rows = $progress->where('task_key', $task->task)->where('counter', $counter);
                $done = (int) ($rows->firstWhere('digest', $task->digest)->done ?? 0);
                $anchor = self::anchor($task->task, $counter);
                $views[$anchor] = new CounterView(
                    task: $task->task,
                    counter: $counter,
                    anchor: $anchor,
                    label: self::label($task, $counter),
                    done: $done,
                    total: $total,
                    step: self::step($task, $counter),
                    spare: max(0, $done - $total),
                    earlier: (int) $rows->where('digest', '!=', $task->digest)->sum('done'),
                );
            }
        }

        return new self($views);
    }

    /** A name for the counter's place on the page. */
    public static function anchor(string $task, string $counter): string
    {
        return str_replace(':', '-', $task.'-'.$counter);
    }

    /** A counter that not every task has: plain pieces are counted off once, with their task. */
    public function find(string $task, string $counter): ?CounterView
    {
        return $this->views[self::anchor($task, $counter)] ?? null;
    }

    public function get(string $task, string $counter): CounterView
    {
        return $this->views[self::anchor($task, $counter)];
    }

    /** @return array<string, array{done: int, total: int}> by anchor */
    public function asMap(): array
    {
        return array_map(fn (CounterView $view): array => ['done' => $view->done, 'total' => $view->total], $this->views);
    }

    /** The larger step of the buttons: what one batch gives when units are counted, else ten. */
    private static function step(TaskSheet $task, string $counter): int
    {
        $batch = $task->making->unitsAtATime();

        return ! str_starts_with($counter, 'cut:') && $batch > 1 ? $batch : 10;
    }

    private static function label(TaskSheet $task, string $counter): string
    {
        return match (true) {
            $counter === TaskSheet::SEWN => __('counters.sewn'),
            $task->making->method === Method::Plain => __('counters.cut'),
            $counter === TaskSheet::TRIMMED => $task->isTrimmed() ? __('counters.trimmed') : __('counters.finished'),
            default => __('counters.cut'),
        };
    }
}
