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
        Schema::table('swatches', function (Blueprint $table): void {
            $table->string('photo', 64)->nullable();
            $table->string('picture', 64)->nullable();
            $table->jsonb('part')->nullable();
            $table->string('judged', 8)->nullable();
        });
        DB::statement("ALTER TABLE swatches ADD CONSTRAINT swatches_judged_check CHECK (judged IN ('light', 'medium', 'dark'))");
    }

    public function down(): void
    {
        Schema::table('swatches', function (Blueprint $table): void {
            $table->dropColumn(['photo', 'picture', 'part', 'judged']);
        });
    }
};
