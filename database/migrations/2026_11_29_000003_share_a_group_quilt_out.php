<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('quilt_alongs', function (Blueprint $table): void {
            // The size that a group sews together; null while nothing is shared out.
            $table->string('hands_size', 40)->nullable();
        });
        Schema::create('hand_parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('quilt_along_id')->constrained()->cascadeOnDelete();
            $table->string('key', 80);
            $table->string('kind', 10);
            $table->unsignedInteger('number');
            $table->string('label', 80);
            $table->string('product', 200)->nullable();
            $table->string('asked_width', 60)->nullable();
            $table->string('asked_height', 60)->nullable();
            $table->string('state', 10)->default('free');
            $table->foreignId('holder_id')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampTz('held_since')->nullable();
            $table->date('due_on')->nullable();
            $table->string('pack', 60)->default('');
            $table->string('measured_width', 60)->nullable();
            $table->string('measured_height', 60)->nullable();
            $table->string('remark', 500)->default('');
            $table->unsignedInteger('revision')->default(1);
            $table->timestamps();
            $table->unique(['quilt_along_id', 'key']);
            $table->index(['holder_id', 'state']);
        });
        Schema::create('hand_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('hand_part_id')->constrained()->cascadeOnDelete();
            $table->string('what', 12);
            $table->foreignId('by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->foreignId('from_id')->nullable()->constrained('users')->nullOnDelete();
            $table->foreignId('to_id')->nullable()->constrained('users')->nullOnDelete();
            $table->string('words', 500)->default('');
            $table->timestampTz('created_at');
            foreach (['hand_part_id', 'by_id', 'from_id', 'to_id'] as $column) {
                $table->index($column);
            }
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('hand_moves');
        Schema::dropIfExists('hand_parts');
        Schema::table('quilt_alongs', function (Blueprint $table): void {
            $table->dropColumn('hands_size');
        });
    }
};
