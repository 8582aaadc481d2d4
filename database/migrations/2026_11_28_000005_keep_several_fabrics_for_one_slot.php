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
            // 0 is the cloth that drawings show; the others stand beside it.
            $table->unsignedSmallInteger('number')->default(0);
            $table->dropUnique(['project_id', 'slot_key']);
            $table->unique(['project_id', 'slot_key', 'number']);
        });
    }

    public function down(): void
    {
        DB::table('swatches')->where('number', '>', 0)->delete();
        Schema::table('swatches', function (Blueprint $table): void {
            $table->dropUnique(['project_id', 'slot_key', 'number']);
            $table->dropColumn('number');
            $table->unique(['project_id', 'slot_key']);
        });
    }
};
