<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Clue;
use App\Models\QuiltAlong;
use App\Plans\Whole\SheetStore;
use Dew\Core\Design\DesignReader;
use Dew\Core\Plan\Whole\Compiler;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Compiles what every published quilt-along's people use, as after an update, and takes out the sheets of before. */
final class Warm extends Command
{
    protected $signature = 'dew:warm
        {--keep : Leave the sheets of other releases and earlier versions where they are}';

    protected $description = 'Compile the sheets that people use ahead';

    public function handle(SheetStore $sheets): int
    {
        $warmed = $pruned = 0;
        foreach (QuiltAlong::query()->with('publishedVersion')->lazyById(20) as $quiltAlong) {
            $version = $quiltAlong->publishedVersion;
            if ($version === null) {
                continue;
            }
            $warmed += $sheets->warm($version);
            $pruned += $this->option('keep') ? 0 : $sheets->prune($quiltAlong);
            $this->listSizes($quiltAlong, $version->document);
        }
        $this->info(trans_choice('console.warmed', $warmed).' '.trans_choice('console.pruned', $pruned));

        return self::SUCCESS;
    }

    /** Clues published by an earlier release do not say yet at which sizes there is something to make. */
    private function listSizes(QuiltAlong $quiltAlong, string $document): void
    {
        $unknown = $quiltAlong->clues()->get()->toBase()->filter(fn (Clue $clue): bool => $clue->sizes === null);
        if ($unknown->isEmpty()) {
            return;
        }
        $design = DesignReader::stored($document);
        DB::transaction(fn () => $unknown->each(fn (Clue $clue): bool => $clue->update(['sizes' => Compiler::sizesOf($design, $clue->key)])));
    }
}
