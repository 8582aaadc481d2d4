<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\HelperInvitation;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class HelperInvitationPolicy
{
    /** Whoever has the address it was sent to, once. To everybody else it does not exist. */
    public function accept(User $user, HelperInvitation $invitation): Response
    {
        return $invitation->accepted_at === null && $invitation->email === $user->email && $user->email_verified_at !== null
            ? Response::allow()
            : Response::denyAsNotFound();
    }
}
