<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Project;
use App\Plans\RefreshTallies;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** Adds up anew what some quilts have done in the clues they have begun, after a correction changed how much there is to do. */
final class RefreshTotals implements ShouldQueue
{
    use Dispatchable;
    use Queueable;

    /** Quilts that one job adds up. */
    public const AT_ONCE = 100;

    /** @param  list<string>  $projects */
    public function __construct(private readonly array $projects)
    {
    }

    public function handle(RefreshTallies $refresh): void
    {
        $projects = Project::query()->with(
            'quiltAlong.publishedVersion', 'methodChoices',
        )->whereIn('id', $this->projects)->orderBy('id')->get();
        foreach ($projects as $project) {
            $refresh($project);
        }
    }
}
