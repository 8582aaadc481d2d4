<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Post;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use App\Pictures\ClothPictures;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * Removes a person and everything that is hers: quilts, counts, mail, sessions. A quilt-along that others follow is never pulled from under
 * them.
 */
final readonly class DeleteAccount
{
    public function __construct(private ClothPictures $pictures)
    {
    }

    /** Refused, with a validation message, while she alone owns a quilt-along that other people are in. */
    public function __invoke(User $user): void
    {
        $quilts = DB::transaction(function () use ($user): Collection {
            $owned = $this->ownedAlone($user);
            $followed = $owned->filter(
                fn (QuiltAlong $quiltAlong): bool => $quiltAlong->memberships()->where('user_id', '!=', $user->id)->exists(),
            );
            if ($followed->isNotEmpty()) {
                throw ValidationException::withMessages([
                    'password' => __('account.owns_quilt_along', ['names' => $followed->pluck('name')->join(', ')]),
                ]);
            }
            $quilts = Project::withTrashed()->where('user_id', $user->id)->orWhereIn('quilt_along_id', $owned->pluck('id'))->get()->toBase();
            $owned->each(fn (QuiltAlong $quiltAlong) => $quiltAlong->delete());
            DB::table('sessions')->where('user_id', $user->id)->delete();
            DB::table('password_reset_tokens')->where('email', $user->email)->delete();
            Post::query()->addressedTo($user->email)->reorder()->delete();
            $user->delete();

            return $quilts;
        });
        $quilts->each(fn (Project $quilt) => $this->pictures->clear(ClothPictures::ownOf($quilt)));
        $quilts->each(fn (Project $quilt) => $this->pictures->clear(ClothPictures::notesOf($quilt)));
    }

    /** @return Collection<int, QuiltAlong> */
    private function ownedAlone(User $user): Collection
    {
        $owner = fn ($query) => $query->where('role', Role::Owner);

        return QuiltAlong::query()
            ->whereHas('memberships', fn ($query) => $owner($query)->where('user_id', $user->id))
            ->whereDoesntHave('memberships', fn ($query) => $owner($query)->where('user_id', '!=', $user->id))
            ->get()
            ->toBase();
    }
}
