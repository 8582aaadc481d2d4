<?php

declare(strict_types=1);

return [
    'greeting' => 'Hello :name,',
    'closing' => 'Dew',
    'reset' => [
        'subject' => 'Choose a new password',
        'body' => 'somebody, most likely you, asked for a new password. Follow the link within an hour and choose one.',
        'ignore' => 'If it was not you, do nothing. Your password stays as it is.',
        'action' => 'Choose a new password',
    ],
    'confirm_email' => [
        'subject' => 'Confirm your new e-mail address',
        'body' => 'follow the link while you are signed in, and Dew will write to this address from now on. It holds for a day.',
        'ignore' => 'If you did not ask for this, do nothing.',
        'action' => 'Use this address',
    ],
    'email_changed' => [
        'subject' => 'Your e-mail address was changed',
        'body' => 'your account now uses :email. If that was not you, choose a new password and write to your host.',
    ],
    'released' => [
        'subject' => ':quilt: clue :number is open',
        'body' => '“:title” is open, with the numbers for your size.',
        'action' => 'Open the clue',
    ],
];
