<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\HelperInvitation;
use App\Models\User;

/** Asks somebody to help with a quilt-along. */
final class HelperInvitedMail extends DewMail
{
    public function __construct(
        private readonly User $owner,
        private readonly HelperInvitation $invitation,
    ) {
    }

    protected function subjectLine(): string
    {
        return __('mail.helper.subject', ['quilt' => $this->invitation->quiltAlong->name]);
    }

    protected function paragraphs(): array
    {
        return [
            __('mail.helper.body', ['owner' => $this->owner->name, 'quilt' => $this->invitation->quiltAlong->name]),
            __($this->invitation->may_edit ? 'mail.helper.may_edit' : 'mail.helper.may_look'),
            __('mail.helper.account', ['email' => $this->invitation->email]),
        ];
    }

    protected function action(): array
    {
        return [__('mail.helper.action'), Address::of('help.show', [$this->invitation])];
    }
}
