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
        Schema::table('projects', function (Blueprint $table): void {
            // Left by its maker or removed by a host; deleted for good a day later.
            $table->softDeletesTz();
            $table->foreignId('removed_by')->nullable()->index()->constrained('users')->nullOnDelete();
        });
    }

    public function down(): void
    {
        DB::table('projects')->whereNotNull('deleted_at')->delete();
        Schema::table('projects', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('removed_by');
            $table->dropSoftDeletesTz();
        });
    }
};
