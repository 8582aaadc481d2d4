<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\Membership;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use App\Plans\HeldVersion;
use Illuminate\Support\Facades\DB;

/** Makes somebody a member (a host keeps her role) and begins a quilt of hers. */
final readonly class JoinQuiltAlong
{
    public function __construct(private HeldVersion $version)
    {
    }

    /**
     * @param  bool  $sizeLater  whether the size only stands for one that is chosen later
     * @param  bool  $another  whether she wants another quilt beside those she has
     * @param  string|null  $form  id of the form she sent: sent twice, it begins one quilt
     */
    public function __invoke(
        User $user,
        QuiltAlong $quiltAlong,
        string $name,
        string $size,
        string $colourway,
        bool $sizeLater = false,
        bool $another = true,
        ?string $form = null,
    ): Project {
        return DB::transaction(function () use ($user, $quiltAlong, $name, $size, $colourway, $sizeLater, $another, $form): Project {
            $this->version->mustOffer($quiltAlong, $size);
            $user->memberships()->createOrFirst(['quilt_along_id' => $quiltAlong->id], ['role' => Role::Member]);
            // Somebody who joins twice at the same moment joins one after the other.
            Membership::query()->where(['user_id' => $user->id, 'quilt_along_id' => $quiltAlong->id])->lockForUpdate()->first();
            $mine = Project::query()->where(['user_id' => $user->id, 'quilt_along_id' => $quiltAlong->id]);
            $begun = $form === null ? null : $mine->clone()->where('begun_by', $form)->first();
            $begun ??= $another ? null : $mine->clone()->oldest()->first();

            return $begun ?? $user->projects()->create([
                'quilt_along_id' => $quiltAlong->id,
                'name' => $name,
                'size_key' => $size,
                'size_later' => $sizeLater,
                'colourway_key' => $colourway,
                'begun_by' => $form,
                // What they measure their other quilts in; at first what the host measures in.
                'notation' => $user->projects()->latest()->orderByDesc('id')->first()->notation ?? $quiltAlong->units,
            ]);
        });
    }
}
