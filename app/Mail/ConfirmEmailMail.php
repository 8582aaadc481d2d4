<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\User;

/** To the new address, so that only who reads it can move the account there. */
final class ConfirmEmailMail extends DewMail
{
    public function __construct(
        private readonly User $user,
        private readonly string $address,
    ) {
    }

    protected function subjectLine(): string
    {
        return __('mail.confirm_email.subject');
    }

    protected function paragraphs(): array
    {
        return [__('mail.greeting', ['name' => $this->user->name]), __('mail.confirm_email.body'), __('mail.confirm_email.ignore')];
    }

    protected function action(): array
    {
        return [__('mail.confirm_email.action'), $this->address];
    }
}
