<?php

declare(strict_types=1);

return [
    'failed' => 'Check your e-mail address and password: together they fit no account.',
    'throttle' => 'Wait :seconds seconds, then try again.',
    'sign_in' => 'Sign in',
    'sign_out' => 'Sign out',
    'signed_out' => 'You are signed out.',
    'register' => 'Make an account',
    'have_account' => 'You have an account already?',
    'no_account' => 'You are new here?',
    'name' => 'Your name',
    'name_hint' => 'As the host and your group know you.',
    'email' => 'E-mail address',
    'password' => 'Password',
    'password_hint' => 'Ten characters or more.',
    'password_again' => 'Password again',
    'remember' => 'Keep me signed in on this device',
    'forgot' => 'Forgot your password?',
    'forgot_title' => 'A new password',
    'forgot_body' => 'Enter your e-mail address and we send a link to choose a new password.',
    'forgot_send' => 'Send the link',
    'reset_title' => 'Choose a new password',
    'reset_save' => 'Save password',
    'demo_tray' => 'This is a demonstration: mail lands in the post tray.',
];
