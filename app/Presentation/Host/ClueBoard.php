<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\Clue;
use App\Models\ClueState;
use App\Models\HistoryEntry;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Wording\Sentence;
use Illuminate\Support\Facades\DB;

/** All clues as the host has them: when each opens, and how many have begun and finished it. */
final readonly class ClueBoard
{
    /** @param  list<ClueRow>  $rows */
    private function __construct(
        public array $rows,
        public int $projects,
        public ?HistoryEntry $pending = null,
    ) {
    }

    /** @param  bool  $isPending  whether to look for what was done in the last seconds */
    public static function of(QuiltAlong $quiltAlong, bool $isPending = false): self
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

        // What was done just now can be undone until it takes effect.
        $pending = $isPending ? HistoryEntry::query()->where('quilt_along_id', $quiltAlong->id)->whereIn('what', HistoryEntry::PENDING)->whereNull('undone_at')
            ->where('created_at', '>', now()->subSeconds(HistoryEntry::SECONDS))->latest('id')->first() : null;

        return new self(array_values($rows->all()), Project::query()->whereBelongsTo($quiltAlong)->count(), $pending);
    }

    /** What opening a clue now does, and to whom. */
    public function opening(ClueRow $row): string
    {
        $closed = array_values(array_map(
            fn (ClueRow $other): string => (string) $other->clue->number,
            array_filter($this->rows, fn (ClueRow $other): bool => $other->clue->number < $row->clue->number
                && $other->state !== ClueState::Released),
        ));

        return implode('; ', array_filter([
            trans_choice('clues.will_open', $this->projects, ['number' => $row->clue->number]),
            $closed === [] ? '' : trans_choice('clues.still_closed', count($closed), ['others' => Sentence::list($closed)]),
        ])).'.';
    }

    /** Whether opening a clue now would pass clues that are still closed. */
    public function passes(ClueRow $row): bool
    {
        return array_filter($this->rows, fn (ClueRow $other): bool => $other->clue->number < $row->clue->number
            && $other->clue->about === null && ($other->clue->release_at === null || $other->clue->release_at->isFuture())) !== [];
    }

    /** What withdrawing a clue does, and to whom. */
    public function withdrawing(ClueRow $row): string
    {
        return trans_choice('clues.will_withdraw', $this->projects, ['number' => $row->clue->number])
            .($row->begun > 0 ? ' '.trans_choice('clues.counts_stay', $row->begun) : '');
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
