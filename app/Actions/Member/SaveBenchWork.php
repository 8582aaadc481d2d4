<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\Project;
use Illuminate\Support\Facades\DB;

/** Keeps what a member wrote or chose at the bench, one part of it at a time: another device may be writing another part. */
final readonly class SaveBenchWork
{
    /**
     * @param  string  $what  the name of the part
     * @param  array<string, string>|null  $fields  null takes it away
     */
    public function __invoke(Project $project, string $what, ?array $fields): void
    {
        DB::transaction(function () use ($project, $what, $fields): void {
            $held = Project::query()->lockForUpdate()->findOrFail($project->id);
            $rest = array_diff_key($held->bench, [$what => true]);
            $held->update(['bench' => $fields === null ? $rest : [$what => $fields] + $rest]);
        });
        $project->refresh();
    }
}
