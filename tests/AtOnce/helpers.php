<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

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
