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
        Schema::table('users', function (Blueprint $table): void {
            $table->timestampTz('email_verified_at')->nullable();
            // Encrypted: the secret of the time codes, and hashes of the codes that stand in for them once each.
            $table->text('two_factor_secret')->nullable();
            $table->text('two_factor_codes')->nullable();
            $table->timestampTz('two_factor_at')->nullable();
            $table->unsignedBigInteger('two_factor_step')->nullable();
        });
        // Whoever had an account before addresses were confirmed has one.
        DB::statement('UPDATE users SET email_verified_at = coalesce(created_at, now())');

        Schema::create('security_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 30);
            $table->string('ip', 45)->nullable();
            $table->string('agent', 500)->nullable();
            $table->timestampTz('created_at');
            $table->index(['user_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('security_events');
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn(['email_verified_at', 'two_factor_secret', 'two_factor_codes', 'two_factor_at', 'two_factor_step']);
        });
    }
};
