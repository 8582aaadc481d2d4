<?php

declare(strict_types=1);

return [
    'reset' => 'Your new password is saved. Sign in with it.',
    'sent' => 'If there is an account with that address, a link is on its way.',
    'throttled' => 'Wait a minute before you ask again.',
    'token' => 'This link is used up or too old. Ask for a new one.',
    'user' => 'This link is used up or too old. Ask for a new one.',
];
