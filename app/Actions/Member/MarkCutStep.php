<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\Clue;
use App\Models\CutStepDone;
use App\Models\Project;
use App\Models\TapKind;
use App\Plans\Cloth\CutCounts;
use App\Plans\Cloth\MemberCutting;
use App\Plans\Cloth\PlannedClue;
use Dew\Core\Cutting\CutStep as Step;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Marks a step of a cutting plan as cut, and counts the pieces that it gives in the counters of their tasks. */
final readonly class MarkCutStep
{
    public function __construct(
        private MemberCutting $cutting,
        private CutCounts $counts,
        private RecordTap $record,
    ) {
    }

    /**
     * Doing it twice does nothing more.
     *
     * @param  string  $plan  the plan that the step was shown in
     *   If the plan is another one by now, or has no such step, the mark is refused as a mistake in the form.
     */
    public function done(Project $project, Clue $clue, string $slot, string $plan, string $step): void
    {
        $change = function () use ($project, $clue, $slot, $plan, $step): void {
            /** @var Project $held */
            $held = Project::query()->lockForUpdate()->findOrFail($project->id);
            $planned = $this->planned($held, $clue, $slot, $plan);
            $found = array_values(array_filter(
                MarkCutStep::steps($planned, $slot), fn (Step $one): bool => $one->id === $step,
            ))[0] ?? throw $this->changed();
            $key = ['clue_key' => $clue->key, 'slot_key' => $slot, 'plan' => $plan, 'step' => $step];
            if (CutStepDone::query()->where('project_id', $held->id)->where($key)->exists()) {
                return;
            }
            $row = new CutStepDone($key);
            $row->project_id = $held->id;
            $row->taps = $this->count($held, $clue, $planned, $slot, $found);
            $row->save();
        };
        DB::transaction($change);
    }

    /** Takes a step back, with what was counted for it. */
    public function undo(Project $project, Clue $clue, string $slot, string $plan, string $step): void
    {
        DB::transaction(function () use ($project, $clue, $slot, $plan, $step): void {
            Project::query()->lockForUpdate()->findOrFail($project->id);
            $row = CutStepDone::query()->where([
                'project_id' => $project->id, 'clue_key' => $clue->key, 'slot_key' => $slot, 'plan' => $plan, 'step' => $step,
            ])->first();
            foreach ($row->taps ?? [] as $tap) {
                $this->record->undo($project, $clue, $tap, Str::uuid()->toString());
            }
            $row?->delete();
        });
    }

    /** @return list<Step> */
    private static function steps(PlannedClue $planned, string $slot): array
    {
        return Step::of($planned->cutting->slots[$slot]->plan);
    }

    private function planned(Project $project, Clue $clue, string $slot, string $plan): PlannedClue
    {
        foreach ($this->cutting->of($project, $clue->number) as $planned) {
            if ($planned->clue === $clue->key && isset($planned->cutting->slots[$slot]) && $planned->plan($slot) === $plan) {
                return $planned;
            }
        }
        throw $this->changed();
    }

    /**
     * Equal pieces go to the tasks that want them, in their order. What she counted by hand already is not counted twice.
     *
     * @return list<string> ids of what was counted
     */
    private function count(Project $project, Clue $clue, PlannedClue $planned, string $slot, Step $step): array
    {
        $tasks = [];
        foreach ($planned->cutting->tasks as $task) {
            $tasks[$task->task] = $task;
        }
        $this->counts->forget();
        $taps = [];
        foreach ($step->pieces() as $piece => $count) {
            foreach ($planned->cutting->slots[$slot]->need->uses[$piece] as $use) {
                $since = $this->counts->since($project, $use->task, $tasks[$use->task]->digest, $use->counter);
                $take = min($count, max(0, $use->count - $since));
                if ($take > 0) {
                    $taps[] = $id = Str::uuid()->toString();
                    $this->record->add($project, $clue, $use->task, $use->counter, TapKind::Add, $take, $id, queued: true);
                    $count -= $take;
                }
            }
        }
        $this->counts->forget();

        return $taps;
    }

    private function changed(): ValidationException
    {
        return ValidationException::withMessages(['step' => __('mat.changed')]);
    }
}
