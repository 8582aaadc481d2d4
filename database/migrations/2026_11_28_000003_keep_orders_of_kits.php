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
        Schema::create('kit_orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('quilt_along_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('project_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->string('number', 200);
            $table->string('name', 80)->default('');
            $table->string('email', 254)->default('');
            $table->string('kind', 8);
            $table->string('part', 64)->default('');
            $table->string('size_key', 64);
            $table->string('colourway_key', 64);
            $table->unsignedInteger('count');
            $table->unsignedInteger('packed')->default(0);
            $table->unsignedInteger('handed_out')->default(0);
            $table->string('origin', 8);
            $table->timestamp('stocked_at')->nullable();
            $table->timestamps();
            $table->unique(['quilt_along_id', 'number']);
        });
        DB::statement("ALTER TABLE kit_orders ADD CONSTRAINT kit_orders_kind_check CHECK (kind IN ('whole', 'clue', 'slot'))");
        DB::statement("ALTER TABLE kit_orders ADD CONSTRAINT kit_orders_origin_check CHECK (origin IN ('member', 'desk', 'file', 'reserve'))");
        DB::statement('ALTER TABLE kit_orders ADD CONSTRAINT kit_orders_count_check CHECK (handed_out <= packed AND packed <= count)');
        Schema::table('quilt_alongs', function (Blueprint $table): void {
            $table->jsonb('kits')->default('{}');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('kit_orders');
        Schema::table('quilt_alongs', function (Blueprint $table): void {
            $table->dropColumn('kits');
        });
    }
};
