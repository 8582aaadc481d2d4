<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('projects', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('quilt_along_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('size_key', 40);
            $table->string('colourway_key', 40);
            $table->string('notation', 10)->default('in');
            $table->string('usable_width', 60)->nullable();
            $table->timestampsTz();
            $table->index(['quilt_along_id', 'user_id']);
            $table->index('user_id');
        });

        Schema::create('method_choices', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 40);
            $table->string('method', 60);
            $table->jsonb('made_before');
            $table->timestampsTz();
            $table->unique(['project_id', 'kind']);
        });

        Schema::create('progress', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->string('task_key', 40);
            $table->string('counter', 80);
            $table->string('digest', 16);
            $table->unsignedInteger('done')->default(0);
            $table->timestampsTz();
            $table->unique(['project_id', 'task_key', 'counter', 'digest']);
        });

        Schema::create('taps', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('progress_id')->constrained('progress')->cascadeOnDelete();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 10);
            $table->integer('asked');
            $table->integer('applied');
            $table->uuid('undoes')->nullable()->unique();
            $table->timestampTz('created_at');
            $table->index('project_id');
        });

        Schema::create('clue_progress', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->foreignId('clue_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('done');
            $table->unsignedInteger('total');
            $table->timestampsTz();
            $table->unique(['project_id', 'clue_id']);
        });
    }
};
