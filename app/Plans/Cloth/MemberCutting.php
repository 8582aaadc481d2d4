<?php

declare(strict_types=1);

namespace App\Plans\Cloth;

use App\Models\Clue;
use App\Models\Project;
use App\Models\StockRow;
use App\Plans\ReleasedSheets;
use Dew\Core\Cutting\ClueCutting;
use Dew\Core\Cutting\CutRules;
use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\PieceUse;
use Dew\Core\Cutting\Shelf;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\TaskSheet;
use InvalidArgumentException;

/**
 * How the open clues are cut from the cloth that a member has, one after the other: each clue by itself, from what the ones before it
 * leave. Fabrics that she has not said anything about are cut from a bolt.
 */
final readonly class MemberCutting
{
    public function __construct(
        private ReleasedSheets $sheets,
        private CutCounts $counts,
    ) {
    }

    /**
     * @param  int|null  $until  number of the last clue that is asked for; null for all that are open
     * @return list<PlannedClue> in the order of the clues
     */
    public function of(Project $project, ?int $until = null): array
    {
        $clues = $this->sheets->open($project);
        if ($until !== null) {
            $clues = $clues->where('number', '<=', $until)->values();
        }

        return $this->planned($project, $this->sheets->sheets($project, $clues));
    }

    /**
     * The plan of one clue. Where nobody said what cloth there is, nothing that was cut before changes it.
     *
     * @param  ClueSheet|null  $sheet  its sheet, where it was read already
     */
    public function ofClue(Project $project, Clue $clue, ?ClueSheet $sheet = null): PlannedClue
    {
        return $project->stock->isEmpty()
            ? $this->planned($project, [$sheet ?? $this->sheets->sheet($project, $clue)])[0]
            : array_values(array_filter($this->of($project, $clue->number), fn (PlannedClue $one): bool => $one->clue === $clue->key))[0];
    }

    /**
     * @param  list<ClueSheet>  $sheets
     * @return list<PlannedClue>
     */
    public function planned(Project $project, array $sheets): array
    {
        $room = $this->room($project);
        $shelf = $this->shelf($project);
        $planned = [];
        foreach ($sheets as $sheet) {
            $cutting = ClueCutting::fromShelf(
                $sheet->tasks, $room, $shelf, $project->notation, $project->aim, $this->rules($project, $sheet->tasks),
                $project->setWidth($sheet->clue) ?? $room->usableWidth,
            );
            $planned[] = new PlannedClue($sheet->clue, $sheet->number, $sheet->title, $shelf, $this->withCounted($project, $cutting));
            $shelf = $shelf->after($cutting);
        }

        return $planned;
    }

    /** Pieces counted by hand are as good as those that the plan cuts: nothing is short of what is cut. */
    private function withCounted(Project $project, ClueCutting $cutting): ClueCutting
    {
        if ($cutting->short() === []) {
            return $cutting;
        }

        return $cutting->withCounted(fn (TaskSheet $task, PieceUse $use): int => $this->counts->since(
            $project, $task->task, $task->digest, $use->counter,
        ));
    }

    public function room(Project $project): CuttingRoom
    {
        return CuttingRoom::usual()->withUsableWidth($project->usable_width ?? $this->sheets->announcement($project)->usableWidth);
    }

    /** Her cloth as it is before the first clue that is not cut yet. */
    public function shelf(Project $project): Shelf
    {
        $room = $this->room($project);
        $said = $project->stock->pluck('slot_key')->flip()->all();
        $bolts = [];
        foreach ($this->sheets->announcement($project)->slots as $slot) {
            if (! isset($said[$slot->id])) {
                $bolts[$slot->id] = true;
            }
        }
        $marks = new Marks($project->notation);
        $stock = [];
        foreach ($project->stock->where('gone_at', null)->sortBy('id') as $row) {
            $one = $row->stock($room->usableWidth);
            try {
                $one->pieces($marks, $room);
                $stock[] = $one;
            } catch (InvalidArgumentException) {
                // It was true when she wrote it, but her cloth is narrower now than the corner that it misses: nothing can be cut from it.
            }
        }

        return Shelf::of($stock, $marks, $room, $bolts);
    }

    /**
     * Her cloth once some clues are cut.
     *
     * @param  list<PlannedClue>  $planned  from the first one on
     */
    public function left(Project $project, array $planned): Shelf
    {
        $last = end($planned);

        return $last === false ? $this->shelf($project) : $last->before->after($last->cutting);
    }

    /**
     * A text that changes whenever a plan may: with her cloth, how she cuts it, and what was cut before she last changed it.
     *
     * @param  bool  $withCounts  whether also with what is cut by now, for a page that names what is short
     */
    public function signature(Project $project, bool $withCounts = true): string
    {
        return substr(hash('sha256', serialize([
            $project->aim->value,
            $project->left_handed,
            $project->quiltAlong->secret,
            $project->cloth,
            $project->set_widths,
            $this->counts->cutBefore($project),
            // Where they have said what cloth there is, some of it may be short, and is not once it is cut.
            $withCounts && ! $project->stock->isEmpty() ? $this->counts->cut($project) : [],
            $project->stock->sortBy('id')->map(fn (StockRow $row): array => $row->getAttributes())->values()->all(),
        ])), 0, 24);
    }

    /** @param  iterable<TaskSheet>  $tasks */
    public function rules(Project $project, iterable $tasks): CutRules
    {
        $madeBefore = [];
        foreach ($tasks as $task) {
            $madeBefore[$task->task] = $project->madeBefore($task);
        }
        $margins = array_filter(array_map(
            fn (Slot $slot): ?Length => $project->clothRules($slot->id)->margin,
            $this->sheets->announcement($project)->slots,
        ));

        return new CutRules($madeBefore, $this->counts->cutBefore($project), $margins, array_map(
            fn (Slot $slot): int => $project->clothRules($slot->id)->variety, $this->sheets->announcement($project)->slots,
        ));
    }

    /**
     * The width of strip sets that suits her cloth better than the one they are made across now; null when there is none, and once
     * anything of the clue is counted, for strips of two widths are not counted together.
     */
    public function betterWidth(Project $project, PlannedClue $planned): ?Length
    {
        foreach ($planned->cutting->tasks as $task) {
            foreach (array_keys($task->counters($project->madeBefore($task))) as $counter) {
                if ($this->counts->of($project, $task->task, $task->digest, $counter) > 0) {
                    return null;
                }
            }
        }
        $best = ClueCutting::fromShelf(
            $planned->cutting->tasks, $this->room($project), $planned->before, $project->notation, $project->aim,
            $this->rules($project, $planned->cutting->tasks),
        );

        return $best->width->equals($planned->cutting->width) ? null : $best->width;
    }

    /** Whether a plan of an open clue cuts from some cloth. */
    public function uses(Project $project, StockRow $row): bool
    {
        foreach ($this->of($project) as $planned) {
            foreach (($planned->cutting->slots[$row->slot_key] ?? null)?->plan->cuts ?? [] as $cut) {
                if (preg_match('{^'.preg_quote($row->id).'(?:[-/]|$)}', $cut->stock->id) === 1) {
                    return true;
                }
            }
        }

        return false;
    }
}
