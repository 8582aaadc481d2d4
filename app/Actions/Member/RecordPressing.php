<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\Project;
use Dew\Core\Press\PressDone;
use Dew\Core\Press\PressLook;
use Dew\Core\Sheet\TaskSheet;
use Illuminate\Support\Facades\DB;

/** Writes down how somebody has pressed what a task made. Everything that is still to be pressed is planned anew to nest with it. */
final readonly class RecordPressing
{
    public function __invoke(Project $project, TaskSheet $task, PressDone $done): void
    {
        DB::transaction(function () use ($project, $task, $done): void {
            // Another device may be saying so of another task.
            $held = Project::query()->lockForUpdate()->findOrFail($project->id);
            $pressed = $held->pressed;
            $product = $task->makes[0] ?? '';
            unset($pressed[$product]);
            if ($done !== PressDone::AsPlanned && $task->press !== null) {
                $pressed[$product] = PressLook::codes($task->press->done($done)->flags);
            }
            ksort($pressed);
            $held->update(['pressed' => $pressed]);
        });
        $project->refresh();
    }
}
