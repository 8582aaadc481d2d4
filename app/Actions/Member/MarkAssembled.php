<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\AssembledPart;
use App\Models\Project;
use Dew\Core\Top\JoinPlan;
use Dew\Core\Top\LayoutRefused;
use Illuminate\Support\Facades\DB;

/** Marks a row, a long seam, a quarter or a border as sewn, once; or takes that back. */
final readonly class MarkAssembled
{
    /** @throws LayoutRefused when there is no such part, it is sewn already, or it is not */
    public function __invoke(Project $project, JoinPlan $plan, string $part, bool $sewn): void
    {
        if ($plan->part($part) === null) {
            throw new LayoutRefused('no_part');
        }
        DB::transaction(function () use ($project, $plan, $part, $sewn): void {
            // Two taps at the same moment wait for each other.
            $held = Project::query()->lockForUpdate()->findOrFail($project->id);
            $there = AssembledPart::query()->where(['project_id' => $project->id, 'part' => $part])->first();
            if ($sewn && $there !== null) {
                throw new LayoutRefused('sewn_already');
            }
            if (! $sewn && $there === null) {
                throw new LayoutRefused('not_sewn');
            }
            if ($sewn) {
                $mark = new AssembledPart(['part' => $part]);
                $mark->project_id = $project->id;
                $mark->save();
            } else {
                $there?->delete();
            }
            // The host's list of members shows it without working every top out.
            $assembly = ['method' => $plan->method->value, 'count' => (string) $plan->count()];
            if (($held->bench['assembly'] ?? []) !== $assembly) {
                $held->update(['bench' => ['assembly' => $assembly] + $held->bench]);
            }
        });
    }
}
