<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        $this->allow("'add', 'all', 'set', 'undo'");
    }

    public function down(): void
    {
        DB::table('taps')->where('kind', 'set')->update(['kind' => 'add']);
        $this->allow("'add', 'all', 'undo'");
    }

    private function allow(string $kinds): void
    {
        DB::statement('ALTER TABLE taps DROP CONSTRAINT taps_kind_check');
        DB::statement("ALTER TABLE taps ADD CONSTRAINT taps_kind_check CHECK (kind IN ($kinds))");
    }
};
