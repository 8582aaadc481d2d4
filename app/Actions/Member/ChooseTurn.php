<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\Project;
use Illuminate\Support\Facades\DB;

/** Changes how somebody turns the parts of a block. Everything that is drawn of it follows; what is cut and counted stays. */
final readonly class ChooseTurn
{
    /** @param  string|null  $way  the id of another way of the block; null for as it is designed */
    public function __invoke(Project $project, string $block, ?string $way): void
    {
        DB::transaction(function () use ($project, $block, $way): void {
            // Another device may be choosing for another block.
            $held = Project::query()->lockForUpdate()->findOrFail($project->id);
            $turns = array_filter([$block => $way] + $held->turns, is_string(...));
            ksort($turns);
            $held->update(['turns' => $turns]);
        });
        $project->refresh();
    }
}
