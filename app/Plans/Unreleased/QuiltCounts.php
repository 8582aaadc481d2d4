<?php

declare(strict_types=1);

namespace App\Plans\Unreleased;

use Dew\Core\Correction\Stage;
use Dew\Core\Correction\Standing;
use Illuminate\Support\Facades\DB;

/** How far the quilts are that a change of an open clue touches. */
final class QuiltCounts
{
    /**
     * @return array<string, array<string, int>> what every quilt has counted in the clue, by quilt and by task, counter and specification
     */
    public static function of(OpenClueChange $change): array
    {
        $tasks = [];
        foreach ($change->quilts as $quilt) {
            foreach ($quilt['correction']->tasks as $task) {
                $tasks[$task->task] = true;
            }
        }
        // Whoever has counted anything in the clue has begun it, also where nothing of it changed.
        $counts = [];
        foreach (DB::table('clue_progress')->where('clue_id', $change->clue->id)->pluck('project_id') as $project) {
            $counts[(string) $project]['begun'] = 1;
        }
        $rows = DB::table('progress')
            ->join('projects', 'projects.id', '=', 'progress.project_id')
            ->where('projects.quilt_along_id', $change->clue->quilt_along_id)->whereNull('projects.deleted_at')
            ->whereIn('progress.task_key', array_map(strval(...), array_keys($tasks)))
            ->where('progress.done', '>', 0)
            ->get(['progress.project_id', 'progress.task_key', 'progress.counter', 'progress.digest', 'progress.done']);
        foreach ($rows as $row) {
            $counts[(string) $row->project_id][Standing::name((string) $row->task_key, (string) $row->counter, (string) $row->digest)]
                = (int) $row->done;
        }

        return $counts;
    }

    /** @return array<string, int> how many quilts stand at each stage */
    public static function stages(OpenClueChange $change): array
    {
        $counts = self::of($change);
        $stages = array_fill_keys(array_map(fn (Stage $stage): string => $stage->value, Stage::cases()), 0);
        foreach ($change->quilts as $quilt) {
            foreach ($quilt['projects'] as $project) {
                $stages[$quilt['correction']->stage($counts[$project] ?? [])->value]++;
            }
        }

        return $stages;
    }
}
