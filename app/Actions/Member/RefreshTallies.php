<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\ClueProgress;
use App\Models\Progress;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use Dew\Core\Plan\ClueSheet;
use Dew\Core\Plan\TaskSheet;

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

    public function clue(Project $project, int $clue, ClueSheet $sheet): void
    {
        $trimmed = Progress::query()
            ->where(['project_id' => $project->id, 'counter' => TaskSheet::TRIMMED])
            ->whereIn('task_key', array_map(fn (TaskSheet $task): string => $task->task, $sheet->tasks))
            ->get()
            ->keyBy(fn (Progress $row): string => $row->task_key.$row->digest);
        $done = array_sum(array_map(
            fn (TaskSheet $task): int => min($task->count, $trimmed->get($task->task.$task->digest)->done ?? 0),
            $sheet->tasks,
        ));
        $now = now()->toDateTimeString();
        ClueProgress::query()->upsert(
            [
                [
                    'project_id' => $project->id,
                    'clue_id' => $clue,
                    'done' => $done,
                    'total' => $sheet->unitCount(),
                    'created_at' => $now,
                    'updated_at' => $now,
                ],
            ],
            ['project_id', 'clue_id'],
            ['done', 'total', 'updated_at'],
        );
    }
}
