<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\User;
use Illuminate\Support\Facades\URL;

/** To a new address: its link makes the account usable. */
final class ConfirmRegistrationMail extends DewMail
{
    private const HOURS = 24;

    public function __construct(private readonly User $user)
    {
    }

    protected function subjectLine(): string
    {
        return __('mail.confirm_registration.subject');
    }

    protected function paragraphs(): array
    {
        return [
            __('mail.greeting', ['name' => $this->user->name]),
            __('mail.confirm_registration.body'),
            __('mail.confirm_registration.ignore'),
        ];
    }

    protected function action(): array
    {
        return [__('mail.confirm_registration.action'), Address::at(URL::temporarySignedRoute(
            'register.confirm',
            now()->addHours(self::HOURS),
            ['account' => $this->user->id, 'of' => self::of($this->user)],
            absolute: false,
        ))];
    }

    /** What the link is for: it no longer holds when somebody has registered the address anew. */
    public static function of(User $user): string
    {
        return substr(hash('sha256', $user->email.'|'.$user->password), 0, 24);
    }
}
