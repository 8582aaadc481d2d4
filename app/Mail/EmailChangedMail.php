<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\User;

/** To the old address, so that nobody loses an account without hearing of it. */
final class EmailChangedMail extends DewMail
{
    public function __construct(private readonly User $user)
    {
    }

    protected function subjectLine(): string
    {
        return __('mail.email_changed.subject');
    }

    protected function paragraphs(): array
    {
        return [__('mail.greeting', ['name' => $this->user->name]), __('mail.email_changed.body', ['email' => $this->user->email])];
    }
}
