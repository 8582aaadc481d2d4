<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\CutStepDone;
use App\Models\Project;
use App\Models\StockRow;
use App\Plans\Cloth\CutCounts;
use App\Plans\Cloth\MemberCutting;
use App\Plans\Cloth\PlannedClue;
use App\Plans\ReleasedSheets;
use Dew\Core\Cutting\ClothRules;
use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\StockFormat;
use Dew\Core\Cutting\StockPiece;
use Dew\Core\Sheet\ClueSheet;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * Changes what somebody says she has of a fabric. Cloth is said as it lies there now: what she cut by the plan is taken off first, and the
 * new plan leaves out all pieces that she has counted as cut by then.
 */
final readonly class ChangeStock
{
    public function __construct(
        private MemberCutting $cutting,
        private CutCounts $counts,
        private ReleasedSheets $sheets,
    ) {
    }

    /**
     * @param  string  $id  made by the form, so that sending it twice adds the cloth once
     * @param  array<string, mixed>  $measures  columns of the row, as {@see StockRow} has them
     *
     * @throws ValidationException when she would have more pieces than anybody can plan with
     */
    public function add(Project $project, string $id, array $measures): void
    {
        $this->changing($project, [(string) $measures['slot_key']], function (Project $held) use ($id, $measures): void {
            if (StockRow::query()->whereKey($id)->exists()) {
                return;
            }
            $row = new StockRow($measures);
            $row->id = $id;
            $row->project_id = $held->id;
            $row->save();
            $this->mustBeFew($held);
        });
    }

    /**
     * Several at once, all of them or none.
     *
     * @param  list<array<string, mixed>>  $rows
     *
     * @throws ValidationException when she would have more pieces than anybody can plan with
     */
    public function addAll(Project $project, array $rows): void
    {
        $slots = array_values(array_unique(array_map(fn (array $row): string => (string) $row['slot_key'], $rows)));
        $this->changing($project, $slots, function (Project $held) use ($rows): void {
            foreach ($rows as $row) {
                $held->stock()->create($row);
            }
            $this->mustBeFew($held);
        });
    }

    /** @param  array<string, mixed>  $measures */
    public function change(Project $project, StockRow $row, array $measures): void
    {
        $this->changing($project, [$row->slot_key], function (Project $held) use ($row, $measures): void {
            $this->present($row)->update($measures);
            $this->mustBeFew($held);
        });
    }

    /** Takes cloth off the list; it can be put back. */
    public function remove(Project $project, StockRow $row): StockRow
    {
        $this->changing($project, [$row->slot_key], function () use (&$row): void {
            $row = $this->present($row);
            $row->update(['gone_at' => now()]);
        });

        return $row;
    }

    public function putBack(Project $project, StockRow $row): void
    {
        $this->changing($project, [$row->slot_key], function () use ($row): void {
            // What was cut up meanwhile does not come back: its remnants are on the list.
            if (StockRow::query()->where('left_of', $row->id)->doesntExist()) {
                $row->update(['gone_at' => null]);
            }
        });
    }

    /** Changes how the cloth of one fabric wants to be cut. */
    public function rules(Project $project, string $slot, ClothRules $rules): void
    {
        $this->changing($project, [$slot], function (Project $held) use ($slot, $rules): void {
            $kept = array_intersect_key($held->cloth[$slot] ?? [], ['directional' => true]);
            $cloth = array_filter([$slot => $rules->toArray() + $kept] + $held->cloth);
            ksort($cloth);
            $held->update(['cloth' => $cloth]);
        });
    }

    /**
     * Puts what the steps that are cut have left on her list.
     *
     * @param  list<string>  $slots
     */
    public function clear(Project $project, array $slots): void
    {
        $this->changing($project, $slots, fn (): null => null);
    }

    /**
     * @param  list<string>  $slots
     * @param  callable(Project): mixed  $change
     */
    private function changing(Project $project, array $slots, callable $change): void
    {
        DB::transaction(function () use ($project, $slots, $change): void {
            /** @var Project $held */
            $held = Project::query()->lockForUpdate()->findOrFail($project->id);
            $this->settle($held, $slots);
            $change($held);
            $this->counts->forget();
            $plan = $this->sheets->plan($held);
            $tasks = array_merge([], ...array_map(fn (ClueSheet $sheet): array => $sheet->tasks, $plan->clues));
            $before = $held->cut_before;
            foreach ($slots as $slot) {
                $before[$slot] = $this->counts->ofSlot($held, $tasks, $slot);
            }
            ksort($before);
            $held->update(['cut_before' => array_filter($before)]);
        });
        $project->refresh();
        $project->unsetRelation('stock');
    }

    /**
     * Takes what was cut by the plan off her cloth, and writes down what that left.
     *
     * @param  list<string>  $slots
     */
    private function settle(Project $project, array $slots): void
    {
        $done = CutStepDone::query()->where('project_id', $project->id)->whereIn('slot_key', $slots)->get();
        if ($done->isEmpty()) {
            return;
        }
        $shelf = $first = $this->cutting->shelf($project);
        $by = [];
        foreach ($this->cutting->of($project) as $planned) {
            $steps = array_map(array_values(...), $this->stepsOf($planned, $done->all()));
            $known = $this->ids($shelf->pieces);
            $shelf = $shelf->afterSteps($planned->cutting, $steps);
            $by += array_fill_keys(array_diff($this->ids($shelf->pieces), $known), $planned->clue);
        }
        foreach ($slots as $slot) {
            $this->replace($project, $first->pieces[$slot] ?? [], $shelf->pieces[$slot] ?? [], $by);
        }
        CutStepDone::query()->where('project_id', $project->id)->whereIn('slot_key', $slots)->delete();
        $project->unsetRelation('stock');
    }

    /**
     * @param  array<int, CutStepDone>  $done
     * @return array<string, array<int, string>>
     */
    private function stepsOf(PlannedClue $planned, array $done): array
    {
        $steps = [];
        foreach ($done as $step) {
            if ($step->clue_key === $planned->clue && isset($planned->cutting->slots[$step->slot_key])
                && $planned->plan($step->slot_key) === $step->plan) {
                $steps[$step->slot_key][] = $step->step;
            }
        }

        return $steps;
    }

    /**
     * @param  array<string, list<StockPiece>>  $pieces
     * @return list<string>
     */
    private function ids(array $pieces): array
    {
        return array_merge([], ...array_values(array_map(
            fn (array $all): array => array_map(fn (StockPiece $piece): string => $piece->id, $all), $pieces,
        )));
    }

    /**
     * @param  list<StockPiece>  $before
     * @param  list<StockPiece>  $after
     * @param  array<string, string>  $by  the clue that left a piece, by its id
     */
    private function replace(Project $project, array $before, array $after, array $by): void
    {
        $now = array_map(fn (StockPiece $piece): string => $piece->id, $after);
        $used = [];
        foreach ($before as $piece) {
            if (! in_array($piece->id, $now, true)) {
                $row = strtok($piece->id, '-');
                $used[$row] = ($used[$row] ?? 0) + 1;
            }
        }
        foreach ($used as $id => $count) {
            $row = StockRow::query()->findOrFail($id);
            $count < $row->count ? $row->update(['count' => $row->count - $count]) : $row->update(['gone_at' => now()]);
        }
        $marks = new Marks($project->notation);
        $left = [];
        foreach ($after as $piece) {
            if ($piece->isRemnant()) {
                $row = strtok(explode('/', $piece->id)[0], '-');
                $left["$row {$piece->kind->value} $piece->width $piece->length"][] = $piece;
            }
        }
        foreach ($left as $alike) {
            $piece = $alike[0];
            $from = StockRow::query()->findOrFail(strtok(explode('/', $piece->id)[0], '-'));
            $project->stock()->create([
                'slot_key' => $from->slot_key,
                'kind' => $piece->kind,
                'width' => $marks->length($piece->width),
                'length' => $marks->length($piece->length),
                'count' => count($alike),
                'squared' => true,
                'directional' => $from->directional,
                'name' => $from->name,
                'left_of' => $from->id,
                'left_by' => $by[$piece->id] ?? null,
            ]);
        }
    }

    /** What is left of some cloth by now, if the plan was cut from it meanwhile. */
    private function present(StockRow $row): StockRow
    {
        $row->refresh();
        while ($row->gone_at !== null) {
            $rest = StockRow::query()
                ->where('left_of', $row->id)
                ->where('kind', $row->kind)
                ->orderBy('id')
                ->first();
            if ($rest === null) {
                break;
            }
            $row = $rest;
        }

        return $row;
    }

    private function mustBeFew(Project $project): void
    {
        if ((int) $project->stock()->whereNull('gone_at')->sum('count') > StockFormat::MOST) {
            throw ValidationException::withMessages(['count' => __('stock.too_many', ['most' => StockFormat::MOST])]);
        }
    }
}
