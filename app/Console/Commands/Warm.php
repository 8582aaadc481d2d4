<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Host\UpgradeSheets;
use App\Models\Clue;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\SheetStore;
use Dew\Core\Compile\Compiler;
use Dew\Core\Design\DesignReader;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/**
 * Compiles what every published quilt-along's people use, as after an update, tells them of numbers that it changed in open clues, and takes
 * out the sheets of before.
 */
final class Warm extends Command
{
    protected $signature = 'dew:warm
        {--keep : Leave the sheets of other releases and earlier versions where they are}';

    protected $description = 'Compile the sheets that people use ahead';

    public function handle(SheetStore $sheets, UpgradeSheets $upgrade): int
    {
        $warmed = $pruned = $corrected = 0;
        foreach (QuiltAlong::query()->with('publishedVersion')->lazyById(20) as $quiltAlong) {
            $version = $quiltAlong->publishedVersion;
            if ($version === null) {
                continue;
            }
            [$compiled, $changed] = $upgrade($quiltAlong);
            $warmed += $compiled;
            $corrected += $changed;
            $pruned += $this->option('keep') ? 0 : $sheets->prune($quiltAlong);
            $this->listSizes($quiltAlong, $version->document);
        }
        $this->info(implode(' ', array_filter([
            trans_choice('console.warmed', $warmed), trans_choice('console.pruned', $pruned),
            $corrected === 0 ? '' : trans_choice('console.corrected', $corrected),
        ])));

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
