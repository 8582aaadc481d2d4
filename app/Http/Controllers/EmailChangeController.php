<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EmailChangeRequest;
use App\Mail\Address;
use App\Mail\AlreadyRegisteredMail;
use App\Mail\ConfirmEmailMail;
use App\Mail\EmailChangedMail;
use App\Models\User;
use App\Security\History;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\URL;

/** A new address counts once somebody who reads it, and is signed in to this account, has followed the link. */
final class EmailChangeController extends Controller
{
    private const HOURS = 24;

    public function store(EmailChangeRequest $request): RedirectResponse
    {
        $person = $this->person($request);
        $given = $request->validated();
        $address = URL::temporarySignedRoute(
            'account.email.confirm',
            now()->addHours(self::HOURS),
            ['email' => $given['email'], 'account' => $person->id, 'from' => $person->email],
            absolute: false,
        );
        // The page says the same of an address that has an account; its owner is told.
        $owner = User::query()->where('email', $given['email'])->first();
        Mail::to($given['email'])->send(
            $owner instanceof User ? new AlreadyRegisteredMail($owner) : new ConfirmEmailMail($person, Address::at($address)),
        );

        return back()->with('status', __('account.email_sent', ['email' => $given['email']]));
    }

    public function update(Request $request, string $email): RedirectResponse
    {
        $person = $this->person($request);
        $mine = $request->integer('account') === $person->id && $request->string('from')->value() === $person->email;
        if (! $mine || User::query()->where('email', mb_strtolower($email))->exists()) {
            return redirect()->route('account')->with('warning', __('account.email_link_void'));
        }
        $old = $person->email;
        try {
            $changed = User::query()->whereKey($person->id)->where('email', $old)->update(['email' => mb_strtolower($email)]);
        } catch (UniqueConstraintViolationException) {
            return redirect()->route('account')->with('warning', __('account.email_link_void'));
        }
        if ($changed === 0) {
            // The link was followed twice at the same moment: the mail to the old address has been sent.
            return redirect()->route('account')->with('status', __('account.email_changed'));
        }
        $person->refresh();
        History::note($person, History::EMAIL_CHANGED, $request);
        Mail::to($old)->send(new EmailChangedMail($person));

        return redirect()->route('account')->with('status', __('account.email_changed'));
    }
}
