<?php

declare(strict_types=1);

// Only what differs from the framework's own defaults: stored files have no address of their own.

return [
    'disks' => [
        'local' => [
            'driver' => 'local',
            'root' => storage_path('app/private'),
            'serve' => false,
            'throw' => true,
        ],
    ],
];
