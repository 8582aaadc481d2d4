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
        Schema::create('swatches', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->string('slot_key', 64);
            $table->string('name', 80);
            $table->string('colour', 7);
            $table->timestamps();
            $table->unique(['project_id', 'slot_key']);
        });
        DB::statement("ALTER TABLE swatches ADD CONSTRAINT swatches_colour_check CHECK (colour ~ '^#[0-9a-f]{6}$')");
    }

    public function down(): void
    {
        Schema::dropIfExists('swatches');
    }
};
