<?php

declare(strict_types=1);

use App\Wording\Problems;
use Dew\Core\Design\DesignDocument;
use Dew\Core\Document\DocumentException;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('drafts', function (Blueprint $table): void {
            // Places at which an earlier release took something of another type than the format has there; null for a sound draft.
            $table->jsonb('faults')->nullable();
        });
        DB::table('drafts')->orderBy('id')->lazyById(20)->each(function (object $draft): void {
            try {
                DesignDocument::fromJson($draft->document)->refuseMisformed();
            } catch (DocumentException $error) {
                $faults = array_map(Problems::complaint(...), array_slice($error->complaints, 0, 20));
                DB::table('drafts')->where('id', $draft->id)->update(['faults' => json_encode($faults)]);
            }
        });
    }

    public function down(): void
    {
        Schema::table('drafts', function (Blueprint $table): void {
            $table->dropColumn('faults');
        });
    }
};
