<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\Project;
use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Makes somebody a member (a host keeps her role) and begins a quilt of hers. */
final class JoinQuiltAlong
{
    /** @param  bool  $sizeLater  whether the size only stands for one that is chosen later */
    public function __invoke(
        User $user,
        QuiltAlong $quiltAlong,
        string $name,
        string $size,
        string $colourway,
        bool $sizeLater = false,
    ): Project {
        return DB::transaction(function () use ($user, $quiltAlong, $name, $size, $colourway, $sizeLater): Project {
            $user->memberships()->createOrFirst(['quilt_along_id' => $quiltAlong->id], ['role' => Role::Member]);

            return $user->projects()->create([
                'quilt_along_id' => $quiltAlong->id,
                'name' => $name,
                'size_key' => $size,
                'size_later' => $sizeLater,
                'colourway_key' => $colourway,
            ]);
        });
    }
}
