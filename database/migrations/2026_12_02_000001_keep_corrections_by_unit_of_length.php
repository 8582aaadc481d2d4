<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // The same change can say one thing in inches and another in centimetres.
        Schema::table('correction_effects', function (Blueprint $table): void {
            $table->string('unit', 4)->default('in');
            $table->dropUnique(['correction_id', 'size_key', 'methods']);
            $table->unique(['correction_id', 'size_key', 'methods', 'unit']);
        });
    }

    public function down(): void
    {
        Schema::table('correction_effects', function (Blueprint $table): void {
            $table->dropUnique(['correction_id', 'size_key', 'methods', 'unit']);
            $table->unique(['correction_id', 'size_key', 'methods']);
            $table->dropColumn('unit');
        });
    }
};
