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
        Schema::create('stock', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->string('slot_key', 64);
            $table->string('kind', 16);
            // Lengths in their exact written form; null where the usual size of such cloth is meant.
            $table->string('width', 40)->nullable();
            $table->string('length', 40)->nullable();
            $table->unsignedSmallInteger('count')->default(1);
            $table->string('corner_width', 40)->nullable();
            $table->string('corner_length', 40)->nullable();
            $table->boolean('squared')->default(false);
            $table->string('zigzag', 16)->nullable();
            $table->string('name', 60)->default('');
            // Of cloth that is left of another one: which, and the clue that was cut from it.
            $table->ulid('left_of')->nullable();
            $table->string('left_by', 64)->nullable();
            $table->timestamp('gone_at')->nullable();
            $table->timestamps();
            $table->index(['project_id', 'slot_key']);
        });
        DB::statement("ALTER TABLE stock ADD CONSTRAINT stock_kind_check
            CHECK (kind IN ('yardage', 'fat-quarter', 'fat-eighth', 'square', 'strip', 'scrap'))");
        DB::statement('ALTER TABLE stock ADD CONSTRAINT stock_count_check CHECK (count BETWEEN 1 AND 500)');

        Schema::create('cut_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->string('clue_key', 64);
            $table->string('slot_key', 64);
            // Which plan the step belongs to: another plan has other steps.
            $table->string('plan', 16);
            $table->string('step', 24);
            $table->jsonb('taps')->default('[]');
            $table->timestamps();
            $table->unique(['project_id', 'clue_key', 'slot_key', 'plan', 'step']);
        });

        Schema::table('projects', function (Blueprint $table): void {
            $table->jsonb('cloth')->default('{}');
            $table->jsonb('cut_before')->default('{}');
            $table->jsonb('set_widths')->default('{}');
            $table->string('aim', 8)->default('cloth');
            $table->boolean('left_handed')->default(false);
        });
        DB::statement("ALTER TABLE projects ADD CONSTRAINT projects_aim_check CHECK (aim IN ('cloth', 'cuts'))");
    }

    public function down(): void
    {
        Schema::dropIfExists('cut_steps');
        Schema::dropIfExists('stock');
        Schema::table('projects', function (Blueprint $table): void {
            $table->dropColumn(['cloth', 'cut_before', 'set_widths', 'aim', 'left_handed']);
        });
    }
};
