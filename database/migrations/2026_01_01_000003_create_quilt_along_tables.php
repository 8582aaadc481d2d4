<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('quilt_alongs', function (Blueprint $table): void {
            $table->id();
            $table->string('slug', 80)->unique();
            $table->string('name', 80);
            $table->string('host_name', 80);
            $table->string('kind', 20);
            $table->string('zone', 64);
            $table->foreignId('published_version_id')->nullable();
            $table->timestampsTz();
        });

        Schema::create('design_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('quilt_along_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->text('document');
            $table->char('hash', 64);
            $table->timestampTz('created_at');
            $table->unique(['quilt_along_id', 'number']);
        });

        Schema::table('quilt_alongs', function (Blueprint $table): void {
            $table->foreign('published_version_id')->references('id')->on('design_versions');
        });

        Schema::create('sheets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('design_version_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->string('size_key', 40)->default('');
            $table->string('clue_key', 40)->default('');
            $table->string('methods')->default('');
            $table->unsignedInteger('revision');
            $table->text('body');
            $table->timestampTz('created_at');
            $table->unique(['design_version_id', 'kind', 'size_key', 'clue_key', 'methods', 'revision'], 'sheets_key');
        });

        Schema::create('memberships', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('quilt_along_id')->constrained()->cascadeOnDelete();
            $table->string('role', 10);
            $table->timestampsTz();
            $table->unique(['user_id', 'quilt_along_id']);
            $table->index(['quilt_along_id', 'role']);
        });

        Schema::create('invitations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('quilt_along_id')->constrained()->cascadeOnDelete();
            $table->string('code', 20)->unique();
            $table->timestampTz('revoked_at')->nullable();
            $table->timestampsTz();
        });

        Schema::create('clues', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('quilt_along_id')->constrained()->cascadeOnDelete();
            $table->string('key', 40);
            $table->unsignedSmallInteger('number');
            $table->string('title', 80);
            $table->jsonb('kinds');
            $table->date('local_date')->nullable();
            $table->string('local_time', 5)->nullable();
            $table->string('zone', 64)->nullable();
            $table->timestampTz('release_at')->nullable()->index();
            $table->timestampTz('withdrawn_at')->nullable();
            $table->timestampTz('announced_at')->nullable();
            $table->timestampsTz();
            $table->unique(['quilt_along_id', 'key']);
            $table->unique(['quilt_along_id', 'number']);
        });

        Schema::create('notices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('clue_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->timestampTz('sent_at');
            $table->unique(['user_id', 'clue_id', 'kind']);
        });
    }
};
