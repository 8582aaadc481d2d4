<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\HandPart;
use App\Models\HandState;
use App\Models\Project;
use App\Models\Role;
use App\Models\User;
use App\Pictures\ClothPictures;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Takes a quilt out of a quilt-along, for its maker or for a host. For a day whoever did it can bring it back with all that was counted,
 * the list of cloth and the photographs; then everything is deleted.
 */
final readonly class RemoveQuilt
{
    public const UNDO_HOURS = 24;

    public function __construct(private ClothPictures $pictures)
    {
    }

    public function __invoke(Project $project, User $by): void
    {
        DB::transaction(function () use ($project, $by): void {
            /** @var Project|null $held */
            $held = Project::query()->lockForUpdate()->find($project->id);
            if ($held === null) {
                return;
            }
            $held->forceFill(['removed_by' => $by->id])->save();
            $held->delete();
            $mine = ['user_id' => $held->user_id, 'quilt_along_id' => $held->quilt_along_id];
            if (Project::query()->where($mine)->exists()) {
                return;
            }
            // Their last one: they are no member any more, and others can take the parts they were to sew.
            DB::table('memberships')->where($mine)->where('role', Role::Member->value)->delete();
            HandPart::query()->where(['quilt_along_id' => $held->quilt_along_id, 'holder_id' => $held->user_id])
                ->where('state', HandState::Out)->orderBy('id')->lockForUpdate()->get()
                ->each(fn (HandPart $part) => $part->freed('withdrawn', $by));
        });
    }

    /** Brings back what was removed in the last day. */
    public function back(Project $project): void
    {
        DB::transaction(function () use ($project): void {
            $project->forceFill(['removed_by' => null])->save();
            $project->restore();
            $project->user->memberships()->createOrFirst(['quilt_along_id' => $project->quilt_along_id], ['role' => Role::Member]);
        });
    }

    /** Deletes for good what was removed more than a day ago. */
    public function purge(): int
    {
        /** @var Collection<int, Project> $old */
        $old = Project::onlyTrashed()->where('deleted_at', '<', now()->subHours(self::UNDO_HOURS))->limit(500)->get();
        foreach ($old as $project) {
            $project->forceDelete();
            $this->pictures->clear(ClothPictures::ownOf($project));
            $this->pictures->clear(ClothPictures::notesOf($project));
        }

        return $old->count();
    }
}
