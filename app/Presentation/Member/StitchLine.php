<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Clue;
use App\Models\Project;
use App\Presentation\Shared\StitchClue;
use App\Presentation\Shared\StitchState;

/** A member's line of clues: what is done, what waits, what is to come and when. Titles of clues to come are not on it. */
final readonly class StitchLine
{
    /** @param  list<StitchClue>  $drops */
    public function __construct(public array $drops)
    {
    }

    public static function of(Project $project): self
    {
        $progress = $project->clueProgress()->get()->keyBy('clue_id');
        $drops = $project->quiltAlong->clues()->get()->map(function (Clue $clue) use ($project, $progress): StitchClue {
            $row = $progress->get($clue->id);
            $released = $clue->isReleased();

            return new StitchClue(
                number: $clue->number,
                state: StitchState::of($released, $clue->hasWorkAt($project->size_key), $row?->done, $row->total ?? 0),
                title: $released ? $clue->title : null,
                opens: ! $clue->isWithdrawn() ? $clue->release_at : null,
                zone: $clue->zone,
                done: $released ? $row?->done : null,
                total: $released ? $row?->total : null,
                url: $released ? route('member.clues.show', [$project, $clue->number]) : null,
                about: $clue->release_at === null && ! $clue->isWithdrawn() ? $clue->about : null,
                withdrawn: $clue->isWithdrawn(),
            );
        });

        return new self(array_values($drops->all()));
    }

    /** The clue in hand: the earliest open one that is not done, else the latest open one. */
    public function current(): ?StitchClue
    {
        $open = array_values(array_filter($this->drops, fn (StitchClue $drop): bool => $drop->url !== null));
        foreach ($open as $drop) {
            if ($drop->state !== StitchState::Done) {
                return $drop;
            }
        }

        return $open === [] ? null : $open[count($open) - 1];
    }

    /** Whether there is one still to come, with a date or without. */
    public function isToGoOn(): bool
    {
        return array_filter($this->drops, fn (StitchClue $drop): bool => $drop->state === StitchState::ToCome && ! $drop->withdrawn) !== [];
    }

    /** The next one whose date is only roughly known, where none before it has one. */
    public function roughlyNext(): ?StitchClue
    {
        foreach ($this->drops as $drop) {
            if ($drop->state === StitchState::ToCome && ! $drop->withdrawn) {
                return $drop->about === null ? null : $drop;
            }
        }

        return null;
    }

    /** The next one to open that has a date. */
    public function next(): ?StitchClue
    {
        $coming = array_filter($this->drops, fn (StitchClue $drop): bool => $drop->state === StitchState::ToCome && $drop->opens !== null);
        usort($coming, fn (StitchClue $a, StitchClue $b): int => $a->opens <=> $b->opens);

        return $coming[0] ?? null;
    }
}
