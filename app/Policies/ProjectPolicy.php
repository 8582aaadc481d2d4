<?php

declare(strict_types=1);

namespace App\Policies;

use App\Actions\RemoveQuilt;
use App\Models\Project;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A quilt belongs to its maker; to everybody else it does not exist. */
final class ProjectPolicy
{
    public function work(User $user, Project $project): Response
    {
        return $project->user_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }

    /** Their own quilt that they left themselves, within a day. */
    public function bringBack(User $user, Project $project): Response
    {
        return $project->user_id === $user->id && $project->removed_by === $user->id
            && $project->deleted_at?->isAfter(now()->subHours(RemoveQuilt::UNDO_HOURS)) ? Response::allow() : Response::denyAsNotFound();
    }
}
