<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\ClueProgress;
use App\Models\Project;
use Dew\Core\Sheet\ChoreSheet;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\TaskSheet;
use Illuminate\Support\Facades\DB;

/** Works the host's figures out anew: units trimmed of units to make, clue by clue. Needed whenever a total may have changed. */
final readonly class RefreshTallies
{
    public function __construct(private ReleasedSheets $sheets)
    {
    }

    public function __invoke(Project $project): void
    {
        $sheets = $this->sheets->plan($project)->clues;
        $clues = $project->quiltAlong->clues()->released()->pluck('id', 'key');
        $begun = ClueProgress::query()->where('project_id', $project->id)->pluck('id', 'clue_id');
        foreach ($sheets as $sheet) {
            if ($begun->has($clues[$sheet->clue])) {
                $this->clue($project, (int) $clues[$sheet->clue], $sheet);
            }
        }
    }

    /** After a tap: units that are not trimmed yet are in no tally, but the clue has been begun. */
    public function afterTap(Project $project, int $clue, ClueSheet $sheet, string $counter): void
    {
        $row = $this->lockedRow($project, $clue);
        if ($row === null || $counter === TaskSheet::TRIMMED || $row->total !== $sheet->unitCount()) {
            $this->addUp($row ?? $this->begun($project, $clue), $sheet);
        }
    }

    /** The row is locked before anything is added up: of two counters tapped at the same moment the later one sees the earlier. */
    public function clue(Project $project, int $clue, ClueSheet $sheet): void
    {
        DB::transaction(fn () => $this->addUp($this->lockedRow($project, $clue) ?? $this->begun($project, $clue), $sheet));
    }

    /** Adds the counters of a clue up in one statement, each at most to what is to be made. */
    private function addUp(ClueProgress $locked, ClueSheet $sheet): void
    {
        $wanted = array_map(fn (TaskSheet $task): array => [$task->task, $task->digest, $task->count], $sheet->tasks);
        foreach ($sheet->chores as $chore) {
            $wanted[] = [$chore->id, ChoreSheet::DIGEST, $chore->count];
        }
        $rows = implode(', ', array_fill(0, count($wanted), '(?::text, ?::text, ?::integer)'));
        $sum = $wanted === [] ? '0' : "(SELECT coalesce(sum(least(progress.done, wanted.number)), 0) FROM (VALUES $rows) "
            .'AS wanted (task, digest, number) JOIN progress ON progress.project_id = clue_progress.project_id AND progress.counter = ? '
            .'AND progress.task_key = wanted.task AND progress.digest = wanted.digest)';
        DB::update("UPDATE clue_progress SET done = $sum, total = ?, updated_at = ? WHERE id = ?", [
            ...array_merge(...$wanted),
            ...$wanted === [] ? [] : [TaskSheet::TRIMMED],
            $sheet->unitCount(),
            now()->toDateTimeString(),
            $locked->id,
        ]);
    }

    private function lockedRow(Project $project, int $clue): ?ClueProgress
    {
        /** @var ClueProgress|null $row */
        $row = ClueProgress::query()->where(['project_id' => $project->id, 'clue_id' => $clue])->lockForUpdate()->first();

        return $row;
    }

    private function begun(Project $project, int $clue): ClueProgress
    {
        $now = now()->toDateTimeString();
        $key = ['project_id' => $project->id, 'clue_id' => $clue];
        ClueProgress::query()->insertOrIgnore($key + ['done' => 0, 'total' => 0, 'created_at' => $now, 'updated_at' => $now]);

        return ClueProgress::query()->where($key)->lockForUpdate()->firstOrFail();
    }
}
