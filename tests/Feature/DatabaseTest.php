<?php

declare(strict_types=1);

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

it('has an index for every column that points at another table', function (): void {
    $without = DB::select(<<<'SQL'
        SELECT c.conrelid::regclass::text || '.' || a.attname AS place
        FROM pg_constraint c JOIN pg_attribute a ON a.attrelid = c.conrelid AND a.attnum = c.conkey[1]
        WHERE c.contype = 'f' AND NOT EXISTS (
            SELECT 1 FROM pg_index i WHERE i.indrelid = c.conrelid AND i.indkey[0] = c.conkey[1] AND i.indpred IS NULL
        )
    SQL);
    expect(array_column($without, 'place'))->toBe([]);
});

it('stores no count below zero, no role that does not exist and no second open join code', function (string $table, array $change): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    $this->tap($project, ['amount' => 1])->assertOk();
    expect(fn () => DB::table($table)->update($change))->toThrow(QueryException::class, 'violates');
})->with([
    ['progress', ['done' => -1]],
    ['clue_progress', ['done' => -1]],
    ['clue_progress', ['total' => -1]],
    ['clues', ['number' => 0]],
    ['design_versions', ['number' => 0]],
    ['memberships', ['role' => 'queen']],
    ['taps', ['kind' => 'slap']],
    ['quilt_alongs', ['pace' => 'hasty']],
    ['quilt_alongs', ['clue_word' => 'riddle']],
    ['projects', ['notation' => 'ell']],
]);

it('keeps one open join code for each quilt-along', function (): void {
    $quilt = $this->quiltAlong();
    expect(fn () => $quilt->invitations()->create(['code' => 'SECONDQX']))->toThrow(QueryException::class, 'invitations_open_unique');
});

it('moves a release to the hour that was promised when the clocks of its zone change', function (): void {
    $quilt = $this->quiltAlong();
    $clue = $this->clue($quilt, 2);
    // Set while the zone was thought to be an hour off: the wall clock says nine, the instant eight.
    $clue->forceFill([
        'local_date' => '2030-06-01', 'local_time' => '09:00', 'zone' => 'America/New_York', 'release_at' => '2030-06-01 12:00:00+00',
    ])->save();
    $open = $this->release($quilt);
    $before = $open->release_at;
    $this->artisan('dew:derive-releases')->expectsOutputToContain('1 release moved');
    expect($this->clue($quilt, 2)->release_at->toIso8601String())->toBe('2030-06-01T13:00:00+00:00')
        ->and($this->clue($quilt, 1)->release_at->equalTo($before))->toBeTrue();
    $this->artisan('dew:derive-releases')->expectsOutputToContain('0 releases moved');
});

it('keeps connections open only where that is asked for, and sends every query once', function (string $asked, ?bool $kept): void {
    putenv("DB_PERSISTENT=$asked");
    $_ENV['DB_PERSISTENT'] = $_SERVER['DB_PERSISTENT'] = $asked;
    try {
        $options = (require config_path('database.php'))['connections']['pgsql']['options'];
    } finally {
        putenv('DB_PERSISTENT=false');
        $_ENV['DB_PERSISTENT'] = $_SERVER['DB_PERSISTENT'] = 'false';
    }
    expect($options[PDO::PGSQL_ATTR_DISABLE_PREPARES])->toBeTrue()->and($options[PDO::ATTR_PERSISTENT] ?? null)->toBe($kept);
})->with([['true', true], ['false', null]]);
