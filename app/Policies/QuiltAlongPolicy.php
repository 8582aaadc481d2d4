<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Who may stand on the host's side. To everybody else the page does not exist. */
final class QuiltAlongPolicy
{
    /** Start one: anybody whose address is confirmed. */
    public function create(User $user): bool
    {
        return $user->email_verified_at !== null;
    }

    /** See the design, preview clues, see where members stand: owners and helpers. */
    public function help(User $user, QuiltAlong $quiltAlong): Response
    {
        return $user->roleIn($quiltAlong)?->isHostSide() === true ? Response::allow() : Response::denyAsNotFound();
    }

    /** Change the design: owners, and helpers to whom that is given. */
    public function edit(User $user, QuiltAlong $quiltAlong): Response
    {
        return match (true) {
            $user->mayEdit($quiltAlong) => Response::allow(),
            $user->roleIn($quiltAlong) === Role::Helper => Response::deny(__('errors.may_not_edit')),
            default => Response::denyAsNotFound(),
        };
    }

    /** Leave remarks on clues before they open: owners, and helpers who test. */
    public function test(User $user, QuiltAlong $quiltAlong): Response
    {
        return match (true) {
            $user->mayTest($quiltAlong) => Response::allow(),
            $user->roleIn($quiltAlong) === Role::Helper => Response::deny(__('errors.may_not_test')),
            default => Response::denyAsNotFound(),
        };
    }

    /** Set release times, release, withdraw, replace the join code: owners. */
    public function run(User $user, QuiltAlong $quiltAlong): Response
    {
        return match ($user->roleIn($quiltAlong)) {
            Role::Owner => Response::allow(),
            Role::Helper => Response::deny(__('errors.owner_only')),
            default => Response::denyAsNotFound(),
        };
    }
}
