<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\ClueProgress;
use App\Models\Progress;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use Dew\Core\Plan\ClueSheet;
use Dew\Core\Plan\TaskSheet;
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
            $this->clue($project, $clue, $sheet);
        }
    }

    /** The row is locked before anything is added up: of two counters tapped at the same moment the later one sees the earlier. */
    public function clue(Project $project, int $clue, ClueSheet $sheet): void
    {
        DB::transaction(function () use ($project, $clue, $sheet): void {
            $row = $this->lockedRow($project, $clue) ?? $this->begun($project, $clue);
            $trimmed = Progress::query()
                ->where(['project_id' => $project->id, 'counter' => TaskSheet::TRIMMED])
                ->whereIn('task_key', array_map(fn (TaskSheet $task): string => $task->task, $sheet->tasks))
                ->get()
                ->keyBy(fn (Progress $row): string => $row->task_key.$row->digest);
            $row->done = array_sum(array_map(
                fn (TaskSheet $task): int => min($task->count, $trimmed->get($task->task.$task->digest)->done ?? 0),
                $sheet->tasks,
            ));
            $row->total = $sheet->unitCount();
            $row->save();
        });
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
