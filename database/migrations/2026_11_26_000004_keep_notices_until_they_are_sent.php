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
        Schema::table('notices', function (Blueprint $table): void {
            // The release that is told of: a clue that is scheduled anew is told of anew.
            $table->timestampTz('release_at')->nullable();
            $table->timestampTz('sent_at')->nullable()->change();
            $table->timestampTz('claimed_at')->nullable();
            $table->unsignedSmallInteger('attempts')->default(0);
            $table->dropUnique(['user_id', 'clue_id', 'kind']);
        });
        DB::statement('UPDATE notices SET release_at = clues.release_at FROM clues WHERE clues.id = notices.clue_id');
        DB::statement('UPDATE notices SET release_at = sent_at WHERE release_at IS NULL');
        Schema::table('notices', function (Blueprint $table): void {
            $table->timestampTz('release_at')->nullable(false)->change();
            $table->unique(['user_id', 'clue_id', 'kind', 'release_at']);
            $table->index('clue_id');
        });
        DB::statement('CREATE INDEX notices_waiting ON notices (id) WHERE sent_at IS NULL');
    }

    public function down(): void
    {
        DB::statement('DROP INDEX notices_waiting');
        DB::statement('DELETE FROM notices WHERE sent_at IS NULL');
        DB::statement('DELETE FROM notices WHERE id NOT IN (SELECT max(id) FROM notices GROUP BY user_id, clue_id, kind)');
        Schema::table('notices', function (Blueprint $table): void {
            $table->dropIndex(['clue_id']);
            $table->dropUnique(['user_id', 'clue_id', 'kind', 'release_at']);
            $table->dropColumn(['release_at', 'claimed_at', 'attempts']);
            $table->timestampTz('sent_at')->nullable(false)->change();
            $table->unique(['user_id', 'clue_id', 'kind']);
        });
    }
};
