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
        // Clues may change places: that no two have one number is looked at when all have been moved.
        Schema::table('clues', function (Blueprint $table): void {
            $table->dropUnique(['quilt_along_id', 'number']);
            // Sizes at which there is something to make; unknown of clues published before this release.
            $table->jsonb('sizes')->nullable();
        });
        DB::statement('ALTER TABLE clues ADD CONSTRAINT clues_quilt_along_id_number_unique UNIQUE (quilt_along_id, number) '
            .'DEFERRABLE INITIALLY DEFERRED');

        Schema::table('projects', function (Blueprint $table): void {
            // The id of the form a quilt was begun by: sent twice, it begins one.
            $table->uuid('begun_by')->nullable()->unique();
        });

        // One open join code for each quilt-along: of several, the newest stays.
        DB::statement('UPDATE invitations SET revoked_at = now() WHERE revoked_at IS NULL AND id NOT IN '
            .'(SELECT max(id) FROM invitations WHERE revoked_at IS NULL GROUP BY quilt_along_id)');
        DB::statement('CREATE UNIQUE INDEX invitations_open_unique ON invitations (quilt_along_id) WHERE revoked_at IS NULL');
    }

    public function down(): void
    {
        DB::statement('DROP INDEX invitations_open_unique');
        Schema::table('projects', function (Blueprint $table): void {
            $table->dropColumn('begun_by');
        });
        DB::statement('ALTER TABLE clues DROP CONSTRAINT clues_quilt_along_id_number_unique');
        Schema::table('clues', function (Blueprint $table): void {
            $table->dropColumn('sizes');
            $table->unique(['quilt_along_id', 'number']);
        });
    }
};
