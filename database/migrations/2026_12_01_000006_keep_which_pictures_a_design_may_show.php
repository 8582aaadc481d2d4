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
        Schema::create('design_pictures', function (Blueprint $table): void {
            $table->foreignId('quilt_along_id')->constrained()->cascadeOnDelete();
            $table->char('hash', 64);
            $table->primary(['quilt_along_id', 'hash']);
        });
        // What designs show today they go on showing.
        foreach (['drafts', 'design_versions'] as $documents) {
            DB::statement("INSERT INTO design_pictures (quilt_along_id, hash)
                SELECT DISTINCT documents.quilt_along_id, found[1]
                FROM $documents AS documents, regexp_matches(documents.document, '\"picture\": ?\"([0-9a-f]{64})\"', 'g') AS found
                ON CONFLICT DO NOTHING");
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('design_pictures');
    }
};
