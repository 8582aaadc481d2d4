<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\User;

final class PasswordChangedMail extends DewMail
{
    public function __construct(private readonly User $user)
    {
    }

    protected function subjectLine(): string
    {
        return __('mail.password_changed.subject');
    }

    protected function paragraphs(): array
    {
        return [__('mail.greeting', ['name' => $this->user->name]), __('mail.password_changed.body')];
    }

    protected function action(): array
    {
        return [__('mail.password_changed.action'), Address::of('password.request', [])];
    }
}
