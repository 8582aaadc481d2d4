<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('taps', function (Blueprint $table): void {
            // Where the counter stood after the tap, and what it went up to then; unknown of taps counted before this release.
            $table->integer('done')->nullable();
            $table->integer('total')->nullable();
            $table->boolean('accepted')->default(true);
        });
    }

    public function down(): void
    {
        Schema::table('taps', function (Blueprint $table): void {
            $table->dropColumn(['done', 'total', 'accepted']);
        });
    }
};
