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
        Schema::create('publications', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('quilt_along_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->text('document');
            $table->jsonb('about');
            $table->jsonb('corrections');
            // The version that was the published one when its host looked; 0 for none.
            $table->unsignedBigInteger('after');
            $table->string('state', 10);
            // How many of so many sizes are compiled.
            $table->unsignedInteger('done')->default(0);
            $table->unsignedInteger('of')->default(0);
            $table->string('field')->nullable();
            $table->text('problem')->nullable();
            $table->timestampTz('starts_at');
            $table->timestampTz('started_at')->nullable();
            $table->timestampTz('finished_at')->nullable();
            $table->timestampsTz();
            $table->index(['quilt_along_id', 'id']);
            $table->index('user_id');
        });
        DB::statement("CREATE UNIQUE INDEX publications_one_at_a_time ON publications (user_id) WHERE state IN ('waiting', 'running')");
        Schema::create('made_pages', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->text('address');
            $table->string('state', 10);
            $table->jsonb('headers')->nullable();
            $table->timestampTz('finished_at')->nullable();
            $table->timestampsTz();
            $table->index(['user_id', 'created_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('made_pages');
        Schema::dropIfExists('publications');
    }
};
