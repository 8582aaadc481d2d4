<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\MadePage;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** What was made for somebody is for that person alone. */
final class MadePagePolicy
{
    public function view(User $user, MadePage $page): Response
    {
        return $page->user_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }
}
