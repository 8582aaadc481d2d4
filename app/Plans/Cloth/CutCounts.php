<?php

declare(strict_types=1);

namespace App\Plans\Cloth;

use App\Models\Progress;
use App\Models\Project;
use Dew\Core\Sheet\TaskSheet;

/** What somebody counted as cut, and what of it was cut before she last said which cloth she has. */
final class CutCounts
{
    /** @var array<string, array<string, int>> counts by quilt, and by task, digest and counter parted by spaces */
    private array $kept = [];

    /** Reads the counts anew at the next question. */
    public function forget(): void
    {
        $this->kept = [];
    }

    /** How many are counted in a counter. */
    public function of(Project $project, string $task, string $digest, string $counter): int
    {
        return $this->all($project)["$task $digest $counter"] ?? 0;
    }

    /** @return array<string, int> all that is counted but what is sewn, by task, digest and counter */
    public function cut(Project $project): array
    {
        $cut = array_filter($this->all($project), fn (string $name): bool => ! str_ends_with($name, ' '.TaskSheet::SEWN), ARRAY_FILTER_USE_KEY);
        ksort($cut);

        return $cut;
    }

    /**
     * Pieces that no plan cuts any more. What was counted back since then is cut again.
     *
     * @return array<string, array<string, int>> by task and counter
     */
    public function cutBefore(Project $project): array
    {
        if ($project->cut_before === []) {
            return [];
        }
        $before = [];
        foreach ($project->cut_before as $counters) {
            foreach ($counters as $name => $count) {
                [$task, $digest, $counter] = explode(' ', (string) $name);
                $before[$task][$counter] = min($count, $this->of($project, $task, $digest, $counter));
            }
        }
        ksort($before);

        return $before;
    }

    /** How many are counted in a counter that the plans still cut. */
    public function since(Project $project, string $task, string $digest, string $counter): int
    {
        return max(0, $this->of($project, $task, $digest, $counter) - ($this->cutBefore($project)[$task][$counter] ?? 0));
    }

    /**
     * What is counted now of the pieces of one fabric, to be kept beside her cloth.
     *
     * @param  iterable<TaskSheet>  $tasks
     * @return array<string, int> by task, digest and counter parted by spaces
     */
    public function ofSlot(Project $project, iterable $tasks, string $slot): array
    {
        $counts = [];
        foreach ($tasks as $task) {
            foreach ($task->making->pieces as $piece) {
                if ($piece->isCloth() && $piece->slots[0] === $slot) {
                    $counter = $task->making->method->isPlain() ? TaskSheet::TRIMMED : $task->cuttingCounter($piece);
                    $counts["$task->task $task->digest $counter"] = $this->of($project, $task->task, $task->digest, $counter);
                }
            }
        }

        return array_filter($counts);
    }

    /** @return array<string, int> */
    private function all(Project $project): array
    {
        return $this->kept[$project->id] ??= Progress::query()
            ->where('project_id', $project->id)
            ->toBase()
            ->get(['task_key', 'digest', 'counter', 'done'])
            ->mapWithKeys(fn (object $row): array => ["$row->task_key $row->digest $row->counter" => (int) $row->done])
            ->all();
    }
}
