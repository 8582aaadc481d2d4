<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Drawing\UnitPicture;
use App\Models\Progress;
use App\Models\Project;
use App\Presentation\Shared\Figure;
use App\Presentation\Shared\SizeKind;
use Dew\Core\Plan\Announcement;
use Dew\Core\Plan\ReleasedPlan;
use Dew\Core\Plan\TaskSheet;

/** What lies in a member's bags. */
final class Bags
{
    /**
     * Units trimmed so far, one bag for each kind, and what came out besides.
     *
     * @return list<Bag>
     */
    public static function of(ReleasedPlan $plan, Announcement $announcement, Project $project): array
    {
        $trimmed = Progress::query()->where(['project_id' => $project->id, 'counter' => TaskSheet::TRIMMED])->get();
        $pictures = new UnitPicture($project->colourway($announcement), $announcement->slots);
        $bags = [];
        foreach ($plan->clues as $clue) {
            foreach ($clue->tasks as $task) {
                $row = $trimmed->where('task_key', $task->task)->firstWhere('digest', $task->digest);
                $bags[] = new Bag(
                    $task->name,
                    $clue->number,
                    $row->done ?? 0,
                    $task->count,
                    Figure::of($task->trimWidth(), SizeKind::Unfinished, $project->notation),
                    $pictures->unit($task),
                );
                if ($task->byproduct !== null) {
                    $bags[] = new Bag(
                        $task->byproduct->name ?? __('tasks.byproduct.name', ['unit' => $task->name]),
                        $clue->number,
                        min($row->done ?? 0, $task->byproduct->count),
                        $task->byproduct->count,
                        Figure::of($task->trimWidth(), SizeKind::Unfinished, $project->notation),
                        $pictures->part($task->name, $task->byproduct->patches, $task->byproduct->finished),
                    );
                }
            }
        }

        return $bags;
    }
}
