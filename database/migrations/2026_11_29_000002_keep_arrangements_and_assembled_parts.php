<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('arrangements', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            // What the blocks make: empty for the quilt, else the id of something else that its design offers.
            $table->string('other', 40)->default('');
            $table->string('size_key', 40);
            $table->string('name', 60);
            $table->jsonb('places');
            $table->boolean('chosen')->default(false);
            $table->unsignedInteger('revision')->default(1);
            $table->timestamps();
            $table->index(['project_id', 'other', 'size_key']);
        });
        Schema::create('assembled_parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->string('part', 80);
            $table->timestampTz('created_at');
            $table->unique(['project_id', 'part']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('assembled_parts');
        Schema::dropIfExists('arrangements');
    }
};
