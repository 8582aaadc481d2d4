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
        Schema::table('stock', function (Blueprint $table): void {
            $table->boolean('directional')->default(false);
        });
        // Until now it was said of a fabric, for all cloth that somebody has of it.
        DB::update(
            "update stock set directional = true from projects where projects.id = stock.project_id
            and projects.cloth::jsonb -> stock.slot_key ->> 'directional' = 'true'",
        );
    }

    public function down(): void
    {
        Schema::table('stock', function (Blueprint $table): void {
            $table->dropColumn('directional');
        });
    }
};
