<?php

declare(strict_types=1);

// Only what differs from the framework's own defaults: mail goes to the post tray unless MAIL_MAILER names a real one.

return [
    'default' => env('MAIL_MAILER', 'tray'),

    'mailers' => [
        'tray' => ['transport' => 'tray'],
    ],

    'from' => [
        'address' => env('MAIL_FROM_ADDRESS', 'dew@dew.example'),
        'name' => env('MAIL_FROM_NAME', 'Dew'),
    ],
];
