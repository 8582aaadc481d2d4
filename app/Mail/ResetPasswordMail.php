<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\User;

final class ResetPasswordMail extends DewMail
{
    public function __construct(
        private readonly User $user,
        private readonly string $token,
    ) {
    }

    protected function subjectLine(): string
    {
        return __('mail.reset.subject');
    }

    protected function paragraphs(): array
    {
        return [__('mail.greeting', ['name' => $this->user->name]), __('mail.reset.body'), __('mail.reset.ignore')];
    }

    protected function action(): array
    {
        return [__('mail.reset.action'), Address::of('password.reset', ['token' => $this->token, 'email' => $this->user->email])];
    }
}
