<?php

declare(strict_types=1);

$connection = env('QUEUE_CONNECTION', 'database');

/*
 * Three queues, each with a worker and a time limit of its own: mails and other short jobs, publishing, and what is printed or takes long to
 * work out. A job that is cut off is not given to another worker before its time is over. With `sync` everything runs at once, in the request.
 */
$queue = fn (string $name, int $retryAfter): array => match ($connection) {
    'sync' => ['driver' => 'sync'],
    'redis' => [
        'driver' => 'redis', 'connection' => 'default', 'queue' => $name, 'retry_after' => $retryAfter, 'block_for' => null,
        'after_commit' => true,
    ],
    default => [
        'driver' => 'database', 'connection' => null, 'table' => 'jobs', 'queue' => $name, 'retry_after' => $retryAfter,
        'after_commit' => true,
    ],
};

return [
    'default' => $connection,
    'connections' => [
        $connection => $queue('default', 90),
        'publishing' => $queue('publishing', 960),
        'prints' => $queue('prints', 180),
    ],
    'batching' => ['database' => env('DB_CONNECTION', 'pgsql'), 'table' => 'job_batches'],
    'failed' => ['driver' => 'database-uuids', 'database' => env('DB_CONNECTION', 'pgsql'), 'table' => 'failed_jobs'],
];
