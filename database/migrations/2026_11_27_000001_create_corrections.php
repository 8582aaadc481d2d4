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
        Schema::create('corrections', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('quilt_along_id')->constrained()->cascadeOnDelete();
            $table->foreignId('clue_id')->constrained()->cascadeOnDelete();
            $table->foreignId('design_version_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->text('words');
            $table->timestampTz('created_at');
            $table->unique(['design_version_id', 'clue_id']);
            $table->index(['quilt_along_id', 'id']);
            $table->index('clue_id');
            $table->index('user_id');
        });

        // What changed at one size and by one choice of methods.
        Schema::create('correction_effects', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('correction_id')->constrained()->cascadeOnDelete();
            $table->string('size_key', 40);
            $table->string('methods', 500);
            $table->jsonb('body');
            $table->unique(['correction_id', 'size_key', 'methods']);
        });

        // Whom it touches, and how far each was when it was published.
        Schema::create('correction_marks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('correction_id')->constrained()->cascadeOnDelete();
            $table->foreignId('correction_effect_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->string('stage', 10);
            $table->jsonb('counts');
            $table->timestampTz('seen_at')->nullable();
            $table->unique(['project_id', 'correction_id']);
            $table->index('correction_id');
            $table->index('correction_effect_id');
        });

        Schema::table('notices', function (Blueprint $table): void {
            $table->foreignId('correction_id')->nullable()->index()->constrained()->cascadeOnDelete();
            $table->dropUnique(['user_id', 'clue_id', 'kind', 'release_at']);
        });
        DB::statement(
            'CREATE UNIQUE INDEX notices_once ON notices (user_id, clue_id, kind, release_at, (coalesce(correction_id, 0)))',
        );
    }

    public function down(): void
    {
        DB::table('notices')->whereNotNull('correction_id')->delete();
        DB::statement('DROP INDEX notices_once');
        Schema::table('notices', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('correction_id');
            $table->unique(['user_id', 'clue_id', 'kind', 'release_at']);
        });
        Schema::drop('correction_marks');
        Schema::drop('correction_effects');
        Schema::drop('corrections');
    }
};
