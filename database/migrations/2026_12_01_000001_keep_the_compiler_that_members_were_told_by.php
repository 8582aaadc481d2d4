<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('design_versions', function (Blueprint $table): void {
            // The compiler whose numbers members have been told of; null for versions of before this was kept.
            $table->unsignedInteger('revision')->nullable();
        });
        Schema::table('corrections', function (Blueprint $table): void {
            // The compiler that put it right; null for what a host put right.
            $table->unsignedInteger('revision')->nullable();
            $table->dropUnique(['design_version_id', 'clue_id']);
        });
        DB::statement('CREATE UNIQUE INDEX corrections_once ON corrections (design_version_id, clue_id, (coalesce(revision, 0)))');
    }

    public function down(): void
    {
        DB::table('corrections')->whereNotNull('revision')->delete();
        DB::statement('DROP INDEX corrections_once');
        Schema::table('corrections', function (Blueprint $table): void {
            $table->dropColumn('revision');
            $table->unique(['design_version_id', 'clue_id']);
        });
        Schema::table('design_versions', function (Blueprint $table): void {
            $table->dropColumn('revision');
        });
    }
};
