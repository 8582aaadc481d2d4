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
        Schema::create('drafts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('quilt_along_id')->unique()->constrained()->cascadeOnDelete();
            $table->text('document');
            $table->unsignedInteger('number')->default(0);
            $table->timestampsTz();
        });

        // Append-only, but for the note by which later entry an edit was taken back.
        Schema::create('draft_edits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('draft_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->uuid('uuid');
            $table->foreignId('user_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->string('action', 10);
            $table->string('kind', 30);
            $table->string('about', 200)->default('');
            $table->text('changes');
            $table->unsignedInteger('of_number')->nullable();
            $table->unsignedInteger('undone_by')->nullable();
            $table->timestampTz('created_at');
            $table->unique(['draft_id', 'number']);
            $table->unique(['draft_id', 'uuid']);
            $table->index(['draft_id', 'user_id', 'action', 'number']);
        });
        DB::statement("ALTER TABLE draft_edits ADD CONSTRAINT draft_edits_action_check CHECK (action IN ('edit', 'undo', 'redo'))");

        Schema::table('design_versions', function (Blueprint $table): void {
            $table->string('name', 80)->nullable();
            // Why it was published in spite of warnings.
            $table->text('reason')->nullable();
            $table->foreignId('user_id')->nullable()->index()->constrained()->nullOnDelete();
        });

        Schema::table('quilt_alongs', function (Blueprint $table): void {
            $table->boolean('secret')->default(false);
            $table->string('pace', 20)->default('own');
            $table->boolean('quilted_by_block')->default(false);
            $table->boolean('many_hands')->default(false);
            $table->string('clue_word', 10)->default('clue');
            $table->string('units', 10)->default('in');
            $table->text('welcome')->nullable();
            $table->timestampTz('may_share_at')->nullable();
            $table->string('copy_question', 200)->nullable();
            $table->string('copy_word', 80)->nullable();
        });
        DB::statement("UPDATE quilt_alongs SET secret = (kind = 'mystery'), many_hands = (kind = 'group-quilt'), "
            ."pace = CASE WHEN kind = 'block-of-the-month' THEN 'monthly' ELSE 'own' END, "
            ."clue_word = CASE WHEN kind = 'block-of-the-month' THEN 'month' ELSE 'clue' END");
        DB::statement(
            "ALTER TABLE quilt_alongs ADD CONSTRAINT quilt_alongs_pace_check CHECK (pace IN ('weekly', 'two-weekly', 'monthly', 'own'))",
        );
        DB::statement(
            "ALTER TABLE quilt_alongs ADD CONSTRAINT quilt_alongs_clue_word_check CHECK (clue_word IN ('clue', 'month', 'week', 'part'))",
        );
        DB::statement("ALTER TABLE quilt_alongs ADD CONSTRAINT quilt_alongs_units_check CHECK (units IN ('in', 'decimal', 'cm'))");
        Schema::table('quilt_alongs', function (Blueprint $table): void {
            $table->dropColumn('kind');
        });
        Schema::table('projects', function (Blueprint $table): void {
            $table->timestampTz('own_copy_at')->nullable();
        });

        Schema::table('memberships', function (Blueprint $table): void {
            $table->boolean('may_edit')->default(true);
        });
        Schema::create('helper_invitations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('quilt_along_id')->index()->constrained()->cascadeOnDelete();
            $table->string('email', 255);
            $table->boolean('may_edit');
            $table->timestampTz('accepted_at')->nullable();
            $table->timestampsTz();
            $table->unique(['quilt_along_id', 'email']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('helper_invitations');
        Schema::table('memberships', function (Blueprint $table): void {
            $table->dropColumn('may_edit');
        });
        Schema::table('projects', function (Blueprint $table): void {
            $table->dropColumn('own_copy_at');
        });
        Schema::table('quilt_alongs', function (Blueprint $table): void {
            $table->string('kind', 20)->default('mystery');
        });
        DB::statement(
            "UPDATE quilt_alongs SET kind = CASE WHEN many_hands THEN 'group-quilt' WHEN secret THEN 'mystery' ELSE 'block-of-the-month' END",
        );
        Schema::table('quilt_alongs', function (Blueprint $table): void {
            $table->dropColumn([
                'secret', 'pace', 'quilted_by_block', 'many_hands', 'clue_word', 'units', 'welcome', 'may_share_at', 'copy_question',
                'copy_word',
            ]);
        });
        Schema::table('design_versions', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('user_id');
            $table->dropColumn(['name', 'reason']);
        });
        Schema::dropIfExists('draft_edits');
        Schema::dropIfExists('drafts');
    }
};
