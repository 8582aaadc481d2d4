<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\Clue;
use App\Models\Progress;
use App\Models\Project;
use App\Models\Tap;
use App\Models\TapKind;
use App\Plans\ReleasedSheets;
use Dew\Core\Plan\ClueSheet;
use Dew\Core\Plan\TaskSheet;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;

/**
 * Counts, once and only once.
 *
 * A tap carries an id its device made. The counter's row is locked, the tap is written with what was really applied, and the same id
 * again answers with what happened the first time. A tap that would pass the total is refused with the counter as it stands, unless it
 * waited in a device's queue: then as much of it as fits is taken, since its sewer is no longer looking.
 */
final readonly class RecordTap
{
    public function __construct(
        private ReleasedSheets $sheets,
        private RefreshTallies $tallies,
    ) {
    }

    /** @throws ModelNotFoundException when the clue, task or counter is not one she can count in */
    public function add(
        Project $project,
        Clue $clue,
        string $task,
        string $counter,
        TapKind $kind,
        int $amount,
        string $id,
        bool $queued,
    ): TapOutcome {
        $sheet = $this->sheets->sheet($project, $clue);
        $taskSheet = $sheet->task($task) ?? throw (new ModelNotFoundException)->setModel(Progress::class);
        $total = $this->totals($project, $taskSheet)[$counter] ?? throw (new ModelNotFoundException)->setModel(Progress::class);

        return DB::transaction(function () use ($project, $clue, $sheet, $taskSheet, $counter, $kind, $amount, $id, $queued, $total): TapOutcome {
            $progress = $this->lockedRow($project, $taskSheet, $counter);
            $asked = $kind === TapKind::All ? max(0, $total - $progress->done) : $amount;
            $before = Tap::query()->find($id);
            if ($before !== null) {
                return $before->project_id === $project->id
                    ? TapOutcome::repeated($progress->done, $total)
                    : throw (new ModelNotFoundException)->setModel(Tap::class);
            }
            $after = $progress->done + $asked;
            if (! $queued && ($after > $total || $after < 0) && $asked !== 0) {
                return TapOutcome::refused($progress->done, $total, $asked);
            }

            return $this->apply($project, $clue, $sheet, $progress, new Tap(['id' => $id, 'kind' => $kind, 'asked' => $asked]), $total);
        });
    }

    /** Takes back what one tap really did. Taking it back twice does nothing. */
    public function undo(Project $project, Clue $clue, string $undoes, string $id): TapOutcome
    {
        $sheet = $this->sheets->sheet($project, $clue);
        $tap = Tap::query()->with('progress')->where('project_id', $project->id)->where('kind', '!=', TapKind::Undo)->findOrFail($undoes);
        $taskSheet = $sheet->task($tap->progress->task_key) ?? throw (new ModelNotFoundException)->setModel(Progress::class);
        $total = $this->totals(
            $project,
            $taskSheet,
        )[$tap->progress->counter] ?? throw (new ModelNotFoundException)->setModel(Progress::class);

        return DB::transaction(function () use ($project, $clue, $sheet, $tap, $id, $total): TapOutcome {
            $progress = Progress::query()->lockForUpdate()->findOrFail($tap->progress_id);
            if (Tap::query()->where('undoes', $tap->id)->orWhere('id', $id)->exists()) {
                return TapOutcome::repeated($progress->done, $total);
            }

            return $this->apply(
                $project,
                $clue,
                $sheet,
                $progress,
                new Tap(['id' => $id, 'kind' => TapKind::Undo, 'asked' => -$tap->applied, 'undoes' => $tap->id]),
                $total,
            );
        });
    }

    private function apply(Project $project, Clue $clue, ClueSheet $sheet, Progress $progress, Tap $tap, int $total): TapOutcome
    {
        $before = $progress->done;
        $progress->done = max(0, min(max($total, $before), $before + $tap->asked));
        $progress->save();
        $tap->applied = $progress->done - $before;
        $tap->project_id = $project->id;
        $progress->taps()->save($tap);
        $this->tallies->clue($project, $clue->id, $sheet);

        return TapOutcome::counted($progress->done, $total, $tap->asked, $tap->applied);
    }

    /** @return array<string, int> */
    private function totals(Project $project, TaskSheet $task): array
    {
        return $task->counters($project->madeBefore($task));
    }

    private function lockedRow(Project $project, TaskSheet $task, string $counter): Progress
    {
        $key = ['project_id' => $project->id, 'task_key' => $task->task, 'counter' => $counter, 'digest' => $task->digest];
        $now = now()->toDateTimeString();
        Progress::query()->insertOrIgnore($key + ['done' => 0, 'created_at' => $now, 'updated_at' => $now]);

        return Progress::query()->where($key)->lockForUpdate()->firstOrFail();
    }
}
