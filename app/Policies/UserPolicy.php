<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

final class UserPolicy
{
    /** Her own account and nobody else's. */
    public function manage(User $user, User $account): bool
    {
        return $user->is($account);
    }
}
