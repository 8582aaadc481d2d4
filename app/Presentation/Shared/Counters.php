<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Models\Progress;
use App\Models\Project;
use App\Models\Tap;
use App\Models\TapKind;
use Dew\Core\Sheet\ChoreSheet;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\TaskSheet;
use Illuminate\Database\Eloquent\Collection;

/** The counters of one clue, and how far a project is with them. */
final readonly class Counters
{
    /** For which what was counted last can be undone. */
    private const UNDO_HOURS = 24;

    /** @param  array<string, CounterView>  $views  by anchor */
    private function __construct(public array $views)
    {
    }

    public static function of(ClueSheet $sheet, Project $project): self
    {
        $views = [];
        foreach ($sheet->tasks as $task) {
            foreach ($task->counters($project->madeBefore($task)) as $counter => $total) {
                $anchor = self::anchor($task->task, $counter);
                $views[$anchor] = new CounterView(
                    task: $task->task,
                    counter: $counter,
                    anchor: $anchor,
                    digest: $task->digest,
                    label: self::label($task, $counter),
                    total: $total,
                    step: self::step($task, $counter),
                );
            }
        }

        foreach ($sheet->chores as $chore) {
            foreach ($chore->counters() as $counter => $total) {
                $anchor = self::anchor($chore->id, $counter);
                $views[$anchor] = new CounterView(
                    task: $chore->id, counter: $counter, anchor: $anchor, digest: ChoreSheet::DIGEST, label: __('counters.done'),
                    total: $total, step: 10,
                );
            }
        }

        return new self($views);
    }

    /** @param  array<string, array<string, mixed>>  $kept  as toArray() gave them */
    public static function kept(array $kept): self
    {
        /** @var array<string, array{
         *     task: string, counter: string, anchor: string, digest: string, label: string, total: int, step: int
         * }> $kept
         */
        return new self(array_map(fn (array $view): CounterView => new CounterView(...$view), $kept));
    }

    /** @return array<string, array<string, mixed>> plain data to keep, by anchor */
    public function toArray(): array
    {
        return array_map(get_object_vars(...), $this->views);
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

    /** @return array<string, Counted> by anchor, in one query */
    public function counted(Project $project): array
    {
        $tasks = array_values(array_unique(array_map(fn (CounterView $view): string => $view->task, $this->views)));
        $done = $earlier = $undo = [];
        // What was counted last, where the counter still stands as it stood after that.
        $last = Tap::query()->select('id')->whereColumn('progress_id', 'progress.id')->whereColumn('taps.done', 'progress.done')
            ->where('kind', '!=', TapKind::Undo->value)->where('applied', '!=', 0)->where('created_at', '>', now()->subHours(self::UNDO_HOURS))
            ->whereNotExists(fn ($query) => $query->from('taps as later')->whereColumn('later.undoes', 'taps.id'))
            ->orderByDesc('created_at')->limit(1);
        /** @var Collection<int, Progress> $rows */
        $rows = Progress::query()
            ->where('project_id', $project->id)
            ->whereIn('task_key', $tasks)
            ->select(['task_key', 'counter', 'digest', 'done'])
            ->selectSub($last, 'last_tap')
            ->get();
        foreach ($rows as $row) {
            $anchor = self::anchor($row->task_key, $row->counter);
            if (($this->views[$anchor]->digest ?? null) === $row->digest) {
                $done[$anchor] = $row->done;
                $undo[$anchor] = $row->getAttribute('last_tap');
            } else {
                $earlier[$anchor] = ($earlier[$anchor] ?? 0) + $row->done;
            }
        }

        return array_map(function (CounterView $view) use ($done, $earlier, $undo): Counted {
            $number = $done[$view->anchor] ?? 0;

            return new Counted($number, $number > $view->total ? $number - $view->total : 0, $earlier[$view->anchor] ?? 0, $undo[$view->anchor] ?? null);
        }, $this->views);
    }

    /** @return array<string, array{done: int, total: int, undo: string|null}> by anchor */
    public function asMap(Project $project): array
    {
        $map = [];
        foreach ($this->counted($project) as $anchor => $counted) {
            $map[$anchor] = ['done' => $counted->done, 'total' => $this->views[$anchor]->total, 'undo' => $counted->undo];
        }

        return $map;
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
            $task->making->method->isPlain() => __('counters.cut'),
            $counter === TaskSheet::TRIMMED => $task->isTrimmed() ? __('counters.trimmed') : __('counters.finished'),
            default => __('counters.cut'),
        };
    }
}
