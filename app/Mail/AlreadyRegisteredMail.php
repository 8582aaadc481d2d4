<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\User;

/** To somebody who registers though she has an account: the page could not say so without telling strangers. */
final class AlreadyRegisteredMail extends DewMail
{
    public function __construct(private readonly User $user)
    {
    }

    protected function subjectLine(): string
    {
        return __('mail.already_registered.subject');
    }

    protected function paragraphs(): array
    {
        return [__('mail.greeting', ['name' => $this->user->name]), __('mail.already_registered.body')];
    }

    protected function action(): array
    {
        return [__('mail.already_registered.action'), Address::of('login', [])];
    }
}
