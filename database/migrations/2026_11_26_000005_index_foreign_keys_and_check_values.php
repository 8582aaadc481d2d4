<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Columns that point at another table and had no index. */
    private const INDEXES = [
        'quilt_alongs' => 'published_version_id',
        'invitations' => 'quilt_along_id',
        'taps' => 'progress_id',
        'clue_progress' => 'clue_id',
    ];

    /** What must hold of every row, by table and name. */
    private const CHECKS = [
        'progress' => ['done' => 'done >= 0'],
        'clue_progress' => ['counts' => 'done >= 0 AND total >= 0'],
        'clues' => ['number' => 'number >= 1'],
        'design_versions' => ['number' => 'number >= 1'],
        'notices' => ['attempts' => 'attempts >= 0'],
        'memberships' => ['role' => "role IN ('owner', 'helper', 'member')"],
        'taps' => ['kind' => "kind IN ('add', 'all', 'undo')"],
        'quilt_alongs' => ['kind' => "kind IN ('mystery', 'block-of-the-month', 'group-quilt')"],
        'projects' => ['notation' => "notation IN ('in', 'decimal', 'cm')"],
    ];

    public function up(): void
    {
        foreach (self::INDEXES as $table => $column) {
            Schema::table($table, fn (Blueprint $change) => $change->index($column));
        }
        foreach (self::CHECKS as $table => $checks) {
            foreach ($checks as $name => $check) {
                DB::statement("ALTER TABLE $table ADD CONSTRAINT {$table}_{$name}_check CHECK ($check)");
            }
        }
    }

    public function down(): void
    {
        foreach (self::CHECKS as $table => $checks) {
            foreach (array_keys($checks) as $name) {
                DB::statement("ALTER TABLE $table DROP CONSTRAINT {$table}_{$name}_check");
            }
        }
        foreach (self::INDEXES as $table => $column) {
            Schema::table($table, fn (Blueprint $change) => $change->dropIndex([$column]));
        }
    }
};
