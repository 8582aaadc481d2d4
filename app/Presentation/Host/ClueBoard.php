<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\Clue;
use App\Models\ClueState;
use App\Models\Project;
use App\Models\QuiltAlong;
use Illuminate\Support\Facades\DB;

/** All clues as the host has them: when each opens, and how many have begun and finished it. */
final readonly class ClueBoard
{
    /** @param  list<ClueRow>  $rows */
    private function __construct(
        public array $rows,
        public int $projects,
    ) {
    }

    public static function of(QuiltAlong $quiltAlong): self
    {
        $counts = DB::table('clue_progress')
            ->join('clues', 'clues.id', '=', 'clue_progress.clue_id')
            ->where('clues.quilt_along_id', $quiltAlong->id)
            ->groupBy('clue_id')
            ->selectRaw('clue_id, count(*) as begun, count(*) filter (where done >= total) as finished')
            ->get()
            ->keyBy('clue_id');
        $rows = $quiltAlong->clues()->get()->map(fn (Clue $clue): ClueRow => new ClueRow(
            clue: $clue,
            state: $clue->state(),
            begun: (int) ($counts->get($clue->id)->begun ?? 0),
            finished: (int) ($counts->get($clue->id)->finished ?? 0),
            zone: $clue->zone ?? $quiltAlong->zone,
        ));

        return new self(array_values($rows->all()), Project::query()->whereBelongsTo($quiltAlong)->count());
    }

    /** The next to open; failing that, the first that has no date yet. */
    public function next(): ?ClueRow
    {
        $scheduled = array_filter($this->rows, fn (ClueRow $row): bool => $row->state === ClueState::Scheduled);
        usort($scheduled, fn (ClueRow $a, ClueRow $b): int => $a->clue->release_at <=> $b->clue->release_at);
        if ($scheduled !== []) {
            return $scheduled[0];
        }
        foreach ($this->rows as $row) {
            if ($row->state === ClueState::Draft) {
                return $row;
            }
        }

        return null;
    }

    /** @return list<ClueRow> */
    public function open(): array
    {
        return array_values(array_filter($this->rows, fn (ClueRow $row): bool => $row->state === ClueState::Released));
    }
}
