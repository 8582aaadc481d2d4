<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** These tests write for good, so that other processes see it, and are not rolled back. */
function emptyTables(): void
{
    $tables = array_diff(DB::table('pg_tables')->where('schemaname', 'public')->pluck('tablename')->all(), ['migrations']);
    DB::statement('TRUNCATE '.implode(', ', array_map(fn (string $table): string => "\"$table\"", $tables)).' RESTART IDENTITY CASCADE');
}

/**
 * Runs each piece of work in a process and on a database connection of its own, all beginning at the same moment.
 *
 * @param  callable(): mixed  ...$works  what each gives must be plain data; an exception becomes its class and message
 * @return list<mixed>
 */
function atOnce(callable ...$works): array
{
    DB::disconnect();
    $begin = microtime(true) + 0.25;
    $children = [];
    foreach ($works as $work) {
        $file = (string) tempnam(sys_get_temp_dir(), 'dew-once');
        $child = pcntl_fork();
        if ($child === 0) {
            try {
                DB::purge();
                DB::select('select 1');
                usleep((int) max(0, ($begin - microtime(true)) * 1e6));
                $result = $work();
            } catch (Throwable $error) {
                $result = $error::class.': '.$error->getMessage();
            }
            // Nothing of the test runner may go on or end twice in here, whatever happens.
            try {
                file_put_contents($file, serialize($result));
            } finally {
                posix_kill(posix_getpid(), SIGKILL);
            }
        }
        $children[$child] = $file;
    }
    $results = [];
    foreach ($children as $child => $file) {
        pcntl_waitpid($child, $status);
        $results[] = unserialize((string) file_get_contents($file));
        unlink($file);
    }

    return $results;
}

/** From here on jobs wait in the database for a worker, and the cache is shared with it, as they are outside of tests. */
function queuesWithWorkers(): void
{
    $before = $_SERVER['QUEUE_CONNECTION'] ?? null;
    $_SERVER['QUEUE_CONNECTION'] = $_ENV['QUEUE_CONNECTION'] = 'database';
    config(['queue' => require config_path('queue.php'), 'cache.default' => 'database']);
    $_ENV['QUEUE_CONNECTION'] = 'sync';
    if ($before === null) {
        unset($_SERVER['QUEUE_CONNECTION']);
    } else {
        $_SERVER['QUEUE_CONNECTION'] = $before;
    }
}

/** A worker of its own process, on this test's database, that does what waits in a queue and ends. */
function worker(string $queue): Process
{
    $process = new Process(
        [PHP_BINARY, base_path('artisan'), 'queue:work', $queue, '--stop-when-empty', '--tries=1', '--timeout=120'],
        env: ['QUEUE_CONNECTION' => 'database', 'CACHE_STORE' => 'database', 'CACHE_PREFIX' => (string) config('cache.prefix'), 'DB_DATABASE' => (string) config('database.connections.pgsql.database')],
    );
    $process->start();

    return $process;
}

/** Looks again and again, for some seconds, whether something is so. */
function becomes(Closure $so, int $seconds = 20): bool
{
    for ($end = microtime(true) + $seconds; microtime(true) < $end; usleep(20_000)) {
        if ($so()) {
            return true;
        }
    }

    return false;
}
