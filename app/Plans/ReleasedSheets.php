<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Clue;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\MemberPressing;
use App\Plans\Unreleased\SheetStore;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Sheet\ReleasedPlan;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Collection;

/** The only door through which member pages reach compiled work: it filters by release before it reads anything. */
final readonly class ReleasedSheets
{
    public function __construct(private SheetStore $store, private MemberPressing $pressing)
    {
    }

    public function announcement(Project $project): Announcement
    {
        return $this->store->announcement($project->quiltAlong->version());
    }

    /**
     * Of the released clues, those that can be worked out: a quilt whose size is still open has none from the clue on that needs its size.
     *
     * @param  bool  $methodsChanged  whether she has just chosen how to make something, so that sheets may be missing
     */
    public function plan(Project $project, bool $methodsChanged = false): ReleasedPlan
    {
        return ReleasedPlan::of($this->sheets($project, $this->open($project), $methodsChanged));
    }

    /**
     * How her blocks are laid out, without borders that are not open yet; null until the clue is open that joins them, and while her size
     * is still to be chosen.
     */
    public function layout(Project $project): ?LayoutSheet
    {
        return $project->size_later ? null : $this->layoutOf($project->quiltAlong, $project->size_key);
    }

    /** The same at any size, for a quilt that a group sews together. */
    public function layoutOf(QuiltAlong $quiltAlong, string $size): ?LayoutSheet
    {
        $sheet = $this->store->layout($quiltAlong->version(), $size);
        $open = $quiltAlong->clues()->released()->pluck('key')->flip();
        $closed = array_map(strval(...), array_keys(array_filter($sheet->opens, fn (string $clue): bool => ! $open->has($clue))));

        return in_array(LayoutSheet::CENTRE, $closed, true) ? null : $sheet->without(...$closed);
    }

    /** The blocks of a group quilt whose clues are open, without where they lie: what may be shown to somebody who sews one. */
    public function openBlocks(QuiltAlong $quiltAlong, string $size): LayoutSheet
    {
        $open = array_map(strval(...), array_values($quiltAlong->clues()->released()->pluck('key')->all()));

        return $this->store->layout($quiltAlong->version(), $size)->only($open);
    }

    /** Changes with the published version and with the compiler: what was made of sheets by then holds no longer. */
    public function edition(Project $project): string
    {
        return $this->store->edition($project->quiltAlong->version());
    }

    /** @return Collection<int, Clue> the released clues that can be worked out */
    public function open(Project $project): Collection
    {
        $waits = $this->waitsFrom($project);

        return $project->quiltAlong->clues()->released()->get()->toBase()
            ->reject(fn (Clue $clue): bool => $waits !== null && $clue->number >= $waits)
            ->values();
    }

    /**
     * The sheets of some of the open clues, usually without steps and other ways of making.
     *
     * @param  Collection<int, Clue>  $clues
     * @return list<ClueSheet>
     */
    public function sheets(Project $project, Collection $clues, bool $methodsChanged = false, bool $whole = false): array
    {
        $waits = $this->waitsFrom($project);
        $open = $clues->filter(fn (Clue $clue): bool => $clue->isReleased() && ($waits === null || $clue->number < $waits));
        $sheets = $this->store->clues(
            $project->quiltAlong->version(),
            $project->size_key,
            $open,
            $project->methods(),
            $methodsChanged,
            $whole,
        );

        return array_map(fn (ClueSheet $sheet): ClueSheet => $this->onTheirCloth($sheet, $project), $sheets);
    }

    /**
     * The released clue of that number; an unreleased one and one that does not exist are the same to the caller.
     *
     * @throws ClueWithdrawn when it was open, and is withdrawn
     * @throws ModelNotFoundException
     */
    public function find(Project $project, int $number): Clue
    {
        $clue = $project->quiltAlong->clues()->where('number', $number)->firstOrFail();

        return match (true) {
            $clue->isReleased() => $clue,
            $clue->isWithdrawn() => throw new ClueWithdrawn,
            default => throw (new ModelNotFoundException)->setModel(Clue::class),
        };
    }

    /** Whether nothing can be said about a clue before the member chooses her size. */
    public function waitsForSize(Project $project, Clue $clue): bool
    {
        $waits = $this->waitsFrom($project);

        return $waits !== null && $clue->number >= $waits;
    }

    /** Whether a quilt may be without a size for now: the design allows it, and no clue that needs one is open, or it has none yet. */
    public function maySizeStayOpen(Project $project): bool
    {
        $needed = $this->announcement($project)->sizeNeededAt;

        return $needed !== null && ($project->size_later || $project->quiltAlong->clues()->released()->where(
            'number',
            '>=',
            $needed,
        )->doesntExist());
    }

    /** @param  bool  $whole  whether steps and other ways of making are asked for */
    public function sheet(Project $project, Clue $clue, bool $whole = true): ClueSheet
    {
        if (! $clue->isReleased() || $this->waitsForSize($project, $clue)) {
            throw (new ModelNotFoundException)->setModel(Clue::class);
        }

        return $this->onTheirCloth(
            $this->store->clue($project->quiltAlong->version(), $project->size_key, $clue, $project->methods(), $whole),
            $project,
        );
    }

    /** The number of the first clue that waits for the member's size; null when she has chosen one. */
    private function waitsFrom(Project $project): ?int
    {
        return $project->size_later ? $this->announcement($project)->sizeNeededAt ?? 1 : null;
    }

    /** With her cloth, and with the parts of blocks turned as she chose. */
    private function onTheirCloth(ClueSheet $sheet, Project $project): ClueSheet
    {
        $sheet = $sheet->turned($project->turns);
        if ($project->pressed !== []) {
            $sheet = $sheet->pressed($this->pressing->looks($project->quiltAlong->version(), $project->size_key, $project->pressed));
        }

        return $sheet->readBy($project->notation, $project->setWidth($sheet->clue) ?? $project->usable_width);
    }
}
