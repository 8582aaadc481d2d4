<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\Clue;
use App\Models\Progress;
use App\Models\Project;
use App\Models\Tap;
use App\Models\TapKind;
use App\Plans\RefreshTallies;
use App\Plans\ReleasedSheets;
use Dew\Core\Sheet\ChoreSheet;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\TaskSheet;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

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

    /**
     * @param  int  $amount  how many more, or fewer; of a number that was typed, what it is then
     * @param  bool  $isSure  false to be asked before more are trimmed than are sewn
     *
     * @throws ModelNotFoundException|NotFoundHttpException when the clue, task or counter is not one she can count in
     */
    public function add(
        Project $project,
        Clue $clue,
        string $task,
        string $counter,
        TapKind $kind,
        int $amount,
        string $id,
        bool $queued,
        bool $isSure = true,
    ): TapOutcome {
        $sheet = $this->sheets->sheet($project, $clue, whole: false);
        $taskSheet = $sheet->task($task) ?? $sheet->chore($task) ?? throw $this->nothingToCount();
        $total = $this->total($project, $taskSheet, $counter);

        return DB::transaction(function () use (
            $project, $clue, $sheet, $taskSheet, $counter, $kind, $amount, $id, $queued, $isSure, $total,
        ): TapOutcome {
            $progress = $this->lockedRow($project, $taskSheet, $counter);
            $asked = match ($kind) {
                TapKind::All => max(0, $total - $progress->done),
                TapKind::Set => $amount - $progress->done,
                default => $amount,
            };
            $after = $progress->done + $asked;
            if (! $isSure && ! $queued && $asked > 0 && $after <= $total && $counter === TaskSheet::TRIMMED && $taskSheet instanceof TaskSheet
                && $taskSheet->isTrimmed() && $after > ($sewn = $this->sewn($project, $taskSheet)) && ! Tap::query()->whereKey($id)->exists()) {
                return TapOutcome::asking($progress->done, $total, $after, $sewn);
            }
            $tap = new Tap(['id' => $id, 'kind' => $kind, 'asked' => $asked]);
            $refused = ! $queued && ($after > $total || $after < 0) && $asked !== 0;

            return $refused
                ? $this->write($tap, $project, $progress, $total, $progress->done, accepted: false)
                : $this->apply($project, $clue, $sheet, $progress, $tap, $total);
        });
    }

    /** Takes back what one tap really did. Taking it back twice does nothing. */
    public function undo(Project $project, Clue $clue, string $undoes, string $id): TapOutcome
    {
        $sheet = $this->sheets->sheet($project, $clue, whole: false);
        $tap = Tap::query()->with('progress')->where('project_id', $project->id)->where('kind', '!=', TapKind::Undo)->findOrFail($undoes);
        $taskSheet = $sheet->task($tap->progress->task_key) ?? $sheet->chore($tap->progress->task_key) ?? throw $this->nothingToCount();
        $total = $this->total($project, $taskSheet, $tap->progress->counter);

        return DB::transaction(function () use ($project, $clue, $sheet, $tap, $id, $total): TapOutcome {
            $progress = Progress::query()->lockForUpdate()->findOrFail($tap->progress_id);
            $before = Tap::query()->where('undoes', $tap->id)->first();
            if ($before !== null) {
                return $this->repeated($before, $project, $progress, $total);
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
        $done = max(0, min(max($total, $progress->done), $progress->done + $tap->asked));
        $outcome = $this->write($tap, $project, $progress, $total, $done);
        if ($tap->exists) {
            Progress::query()->whereKey($progress->id)->update(['done' => $done]);
            $this->tallies->afterTap($project, $clue->id, $sheet, $progress->counter);
        }

        return $outcome;
    }

    /** Writes down what a tap does, and what it is answered; a tap that is written already is answered as it was then. */
    private function write(Tap $tap, Project $project, Progress $progress, int $total, int $done, bool $accepted = true): TapOutcome
    {
        $tap->fill([
            'progress_id' => $progress->id,
            'project_id' => $project->id,
            'applied' => $done - $progress->done,
            'done' => $done,
            'total' => $total,
            'accepted' => $accepted,
        ]);
        $tap->exists = Tap::query()->insertOrIgnore([...$tap->getAttributes(), 'created_at' => now()->toDateTimeString()]) === 1;

        return $tap->exists
            ? TapOutcome::of($tap, $done, $total)
            : $this->repeated(Tap::query()->findOrFail($tap->id), $project, $progress, $total);
    }

    /** What the tap was answered the first time, and the counter as it stands now. */
    private function repeated(Tap $before, Project $project, Progress $progress, int $total): TapOutcome
    {
        if ($before->project_id !== $project->id) {
            throw $this->nothingToCount();
        }

        return TapOutcome::of($before, $progress->done, $total);
    }

    private function total(Project $project, TaskSheet|ChoreSheet $task, string $counter): int
    {
        $counters = $task instanceof TaskSheet ? $task->counters($project->madeBefore($task)) : $task->counters();

        return $counters[$counter] ?? throw $this->nothingToCount();
    }

    /**
     * The row of a counter, made if it is not there, locked until the transaction ends. How much was tapped in this quilt lately comes with
     * it, so that nobody's script fills the log.
     */
    private function lockedRow(Project $project, TaskSheet|ChoreSheet $task, string $counter): Progress
    {
        [$name, $digest] = $task instanceof TaskSheet ? [$task->task, $task->digest] : [$task->id, ChoreSheet::DIGEST];
        $key = ['project_id' => $project->id, 'task_key' => $name, 'counter' => $counter, 'digest' => $digest];
        $lately = Tap::query()->where('project_id', $project->id)->where('created_at', '>', now()->subMinute())->selectRaw('count(*)');
        $query = Progress::query()->where($key)->lockForUpdate()->select('progress.*')->selectSub($lately, 'lately');
        /** @var Progress|null $row */
        $row = $query->clone()->first();
        if ($row === null) {
            $now = now()->toDateTimeString();
            Progress::query()->insertOrIgnore($key + ['done' => 0, 'created_at' => $now, 'updated_at' => $now]);
            /** @var Progress $row */
            $row = $query->firstOrFail();
        }
        if ((int) $row->getAttribute('lately') >= (int) config('dew.limits.taps')) {
            throw new TooManyRequestsHttpException(60);
        }

        return $row;
    }

    private function sewn(Project $project, TaskSheet $task): int
    {
        return (int) Progress::query()->where([
            'project_id' => $project->id, 'task_key' => $task->task, 'counter' => TaskSheet::SEWN, 'digest' => $task->digest,
        ])->value('done');
    }

    private function nothingToCount(): NotFoundHttpException
    {
        return new NotFoundHttpException;
    }
}
