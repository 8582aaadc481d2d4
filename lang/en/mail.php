<?php

declare(strict_types=1);

return [
    'greeting' => 'Hello :name,',
    'closing' => 'Dew',
    'reset' => [
        'subject' => 'Choose a new password',
        'body' => 'someone, most likely you, asked for a new password. Follow the link within an hour and choose one.',
        'ignore' => 'If it was not you, do nothing. Your password stays as it is.',
        'action' => 'Choose a new password',
    ],
    'helper' => [
        'subject' => 'Help with :quilt',
        'body' => ':owner asks you to help with the quilt-along :quilt.',
        'may_edit' => 'You can see the design and how far members are, and you can change the design.',
        'may_look' => 'You can see the design and how far members are.',
        'account' => 'Sign in with the address :email, or make an account with it.',
        'action' => 'Look at it',
    ],
    'confirm_registration' => [
        'subject' => 'Confirm your e-mail address',
        'body' => 'someone, most likely you, made an account at Dew with this address. Follow the link within a day and it is yours.',
        'ignore' => 'If it was not you, do nothing. Without the link the account cannot be used.',
        'action' => 'Confirm and continue',
    ],
    'already_registered' => [
        'subject' => 'You have an account already',
        'body' => 'someone, most likely you, asked for a new account at Dew with this address. There is one: sign in, or choose a new '
            .'password if you have forgotten yours. If it was not you, do nothing.',
        'action' => 'Sign in',
    ],
    'password_changed' => [
        'subject' => 'Your password was changed',
        'body' => 'your password was changed just now, and every other device is signed out. If that was not you, choose a new one at '
            .'once.',
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
        'subject' => ':quilt: :clue :number is open',
        'body' => '“:title” is open, with the numbers for your size.',
        'action' => 'Open the :clue',
    ],
    'corrected' => [
        'subject' => ':quilt: :clue :number was corrected',
        'body' => 'numbers in “:title” were wrong and have been corrected:',
        'next' => 'Your quilt shows what that means for what you have cut and made.',
        'action' => 'Read what it means for you',
    ],
];
