<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\MethodChoice;
use App\Models\Progress;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\UnitKind;
use Illuminate\Support\Facades\DB;

/** Changes how somebody makes a kind of unit. Units already sewn stay counted; only the remainder is planned anew. */
final readonly class ChooseMethod
{
    public function __construct(private ReleasedSheets $sheets)
    {
    }

    public function __invoke(Project $project, UnitKind $kind, Method $method, bool $oversize = false): void
    {
        if ($project->method($kind)->is($method->value) && $project->methods()->isOversize($kind) === $oversize) {
            return;
        }
        DB::transaction(function () use ($project, $kind, $method, $oversize): void {
            $madeBefore = Progress::query()
                ->where('project_id', $project->id)
                ->whereIn('counter', [TaskSheet::SEWN, TaskSheet::TRIMMED])
                ->groupBy('task_key')
                ->selectRaw('task_key, max(done) as made')
                ->pluck('made', 'task_key')
                ->map(fn (mixed $made): int => (int) $made)
                ->filter()
                ->all();
            $madeBefore = $this->withWhatLiesInBags($madeBefore, $project);
            MethodChoice::query()->updateOrCreate(
                ['project_id' => $project->id, 'kind' => $kind->value],
                ['method' => $method, 'oversize' => $oversize, 'made_before' => $madeBefore],
            );
        });
        $project->load('methodChoices');
        $this->sheets->plan($project, methodsChanged: true);
    }

    /**
     * Units that came out of another task's work lie in a bag already: nothing is to be cut for them, whichever way the rest is made.
     *
     * @param  array<string, int>  $made  units made so far, by task
     * @return array<string, int>
     */
    private function withWhatLiesInBags(array $made, Project $project): array
    {
        foreach ($this->sheets->plan($project)->clues as $clue) {
            foreach ($clue->tasks as $task) {
                $there = $task->bagTask === null ? 0 : min($task->fromBag, $made[$task->bagTask] ?? 0);
                if ($there > ($made[$task->task] ?? 0)) {
                    $made[$task->task] = $there;
                }
            }
        }

        return $made;
    }
}
