<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('clues', function (Blueprint $table): void {
            // A date that is only roughly known; a clue with one opens by no clock.
            $table->string('about', 80)->nullable();
            $table->date('about_date')->nullable();
        });

        Schema::table('memberships', function (Blueprint $table): void {
            $table->boolean('may_test')->default(false);
        });

        // What hosts did, for people to read; what is needed to take it back stands beside it.
        Schema::create('deeds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('quilt_along_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('what', 40);
            $table->jsonb('about');
            $table->jsonb('before')->nullable();
            $table->timestampTz('undone_at')->nullable();
            $table->timestampTz('created_at');
            $table->index(['quilt_along_id', 'id']);
            $table->index('user_id');
        });

        Schema::create('test_remarks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('quilt_along_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('clue_key', 40);
            $table->string('task_key', 40)->nullable();
            $table->string('place', 200);
            $table->string('size', 40);
            $table->text('words');
            // A task that the tester sewed and that came out as it says.
            $table->boolean('sewn')->default(false);
            $table->text('answer')->nullable();
            $table->timestampTz('answered_at')->nullable();
            $table->foreignId('answered_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampTz('created_at');
            $table->index(['quilt_along_id', 'clue_key']);
            $table->index('user_id');
            $table->index('answered_by');
        });
    }

    public function down(): void
    {
        Schema::drop('test_remarks');
        Schema::drop('deeds');
        Schema::table('memberships', fn (Blueprint $table) => $table->dropColumn('may_test'));
        Schema::table('clues', fn (Blueprint $table) => $table->dropColumn(['about', 'about_date']));
    }
};
