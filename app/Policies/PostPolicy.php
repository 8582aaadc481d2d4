<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Post;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Mail is read by its addressee. */
final class PostPolicy
{
    public function read(User $user, Post $post): Response
    {
        return $post->addressee === $user->email ? Response::allow() : Response::denyAsNotFound();
    }
}
