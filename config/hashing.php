<?php

declare(strict_types=1);

// Argon2id reads a password whole: bcrypt stops at 72 bytes. Hashes of an earlier release still hold, and are renewed at the next sign-in.

return [
    'driver' => 'argon2id',

    'argon' => [
        // Kibibytes, rounds and threads for one password.
        'memory' => (int) env('ARGON_MEMORY', 19456),
        'time' => (int) env('ARGON_TIME', 2),
        'threads' => 1,
        'verify' => false,
    ],

    'rehash_on_login' => true,
];
