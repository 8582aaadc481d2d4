<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\QuiltAlong;
use App\Plans\Unreleased\Documents;
use App\Plans\Unreleased\OpenClueChanges;
use App\Plans\Unreleased\SheetStore;
use Dew\Core\Compile\Compiler;
use Illuminate\Support\Facades\DB;

/**
 * Compiles what a quilt-along's people use by this release of Dew. Where that changes a cut, a count, a size to trim to or a way of pressing
 * in a clue that members have open, they are told as after a correction of their host's. Seams stay pressed as people were told.
 */
final readonly class UpgradeSheets
{
    public function __construct(
        private SheetStore $sheets,
        private RecordCorrections $record,
    ) {
    }

    /** @return array{int, int} how many sheets were compiled, and how many clues were corrected */
    public function __invoke(QuiltAlong $quiltAlong): array
    {
        return DB::transaction(function () use ($quiltAlong): array {
            $locked = QuiltAlong::query()->whereKey($quiltAlong->id)->lockForUpdate()->firstOrFail();
            $version = $locked->publishedVersion;
            if ($version === null) {
                return [0, 0];
            }
            $before = $version->revision ?? $this->sheets->newestBefore($version);
            if ($before === null || $before >= Compiler::REVISION) {
                return [$this->sheets->warm($version), 0];
            }
            $told = $this->sheets->pressedInOpenClues($locked, $before);
            foreach ($version->pressed as $size => $flags) {
                $told[$size] = ($told[$size] ?? []) + $flags;
            }
            $version->update(['pressed' => $told, 'revision' => Compiler::REVISION]);
            $compiled = $this->sheets->warm($version, Documents::published($version));
            $changes = OpenClueChanges::byUpgrade($locked, $this->sheets, $before);
            ($this->record)($version, $changes, array_fill_keys(
                array_map(fn ($change): int => $change->clue->number, $changes), __('corrections.by_upgrade'),
            ), Compiler::REVISION);

            return [$compiled, count($changes)];
        });
    }
}
