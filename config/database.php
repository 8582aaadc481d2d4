<?php

declare(strict_types=1);

// Only what differs from the framework's own defaults.

return [
    'default' => env('DB_CONNECTION', 'pgsql'),

    'connections' => [
        'pgsql' => [
            'driver' => 'pgsql',
            'url' => env('DB_URL'),
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'dew'),
            'username' => env('DB_USERNAME', 'dew'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'prefix_indexes' => true,
            'sslmode' => env('DB_SSLMODE', 'prefer'),
            'timezone' => 'UTC',
            // A query goes to the server once, with its values beside it, and not once to be prepared and once to be run. A connection
            // costs more than a page: each worker keeps its own. What that takes is in docs/deployment.md.
            'options' => [PDO::PGSQL_ATTR_DISABLE_PREPARES => true] + (env('DB_PERSISTENT', false) ? [PDO::ATTR_PERSISTENT => true] : []),
        ],
    ],
];
