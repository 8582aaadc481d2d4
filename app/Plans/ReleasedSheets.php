<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Clue;
use App\Models\Project;
use App\Plans\Whole\SheetStore;
use Dew\Core\Plan\Announcement;
use Dew\Core\Plan\ClueSheet;
use Dew\Core\Plan\ReleasedPlan;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** The only door through which member pages reach compiled work: it filters by release before it reads anything. */
final readonly class ReleasedSheets
{
    public function __construct(private SheetStore $store)
    {
    }

    public function announcement(Project $project): Announcement
    {
        return $this->store->announcement($project->quiltAlong->version());
    }

    public function plan(Project $project): ReleasedPlan
    {
        $released = $project->quiltAlong->clues()->released()->get()->toBase();

        $sheets = $this->store->clues($project->quiltAlong->version(), $project->size_key, $released, $project->methods());

        return ReleasedPlan::of(array_map(fn (ClueSheet $sheet): ClueSheet => $this->onHerCloth($sheet, $project), $sheets));
    }

    /**
     * The released clue of that number; an unreleased one and one that does not exist are the same to the caller.
     *
     * @throws ModelNotFoundException
     */
    public function find(Project $project, int $number): Clue
    {
        return $project->quiltAlong->clues()->released()->where('number', $number)->firstOrFail();
    }

    public function sheet(Project $project, Clue $clue): ClueSheet
    {
        if (! $clue->isReleased()) {
            throw (new ModelNotFoundException)->setModel(Clue::class);
        }

        return $this->onHerCloth($this->store->clue($project->quiltAlong->version(), $project->size_key, $clue, $project->methods()), $project);
    }

    private function onHerCloth(ClueSheet $sheet, Project $project): ClueSheet
    {
        return $project->usable_width === null ? $sheet : $sheet->onCloth($project->usable_width, $project->notation);
    }
}
