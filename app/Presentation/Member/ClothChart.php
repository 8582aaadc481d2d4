<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Project;
use App\Models\StockRow;
use App\Plans\Cloth\CutCounts;
use App\Plans\Cloth\MemberCutting;
use App\Plans\Cloth\PlannedClue;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\CuttingText;
use App\Wording\Figure;
use Dew\Core\Cutting\ClothNeed;
use Dew\Core\Cutting\CutRules;
use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\ShopMeasure;
use Dew\Core\Cutting\SlotCutting;
use Dew\Core\Cutting\StockPiece;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\TaskSheet;

/** For every fabric of a quilt: what the open clues need of it, what its maker has, whether that is enough, and what is left then. */
final readonly class ClothChart
{
    /** Pieces of cloth that are named one by one. */
    private const NAMED = 4;

    public function __construct(
        private MemberCutting $cutting,
        private CutCounts $counts,
        private ReleasedSheets $sheets,
    ) {
    }

    /**
     * @param  list<ClueSheet>  $sheets  of the open clues
     * @return array<string, ClothFacts> by the id of the fabric slot; worked out anew, so the caller keeps it
     */
    public function of(Project $project, array $sheets): array
    {
        $planned = $this->cutting->planned($project, $sheets);
        $after = $this->cutting->left($project, $planned);
        $announcement = $this->sheets->announcement($project);
        $shop = ShopMeasure::of($project->notation);
        $wholes = array_map(fn (PlannedClue $clue): array => [$clue->cutting->tasks, ClothNeed::of(
            $clue->cutting->tasks,
            $project->notation,
            new CutRules($this->cutting->rules($project, $clue->cutting->tasks)->madeBefore),
        )], $planned);
        $facts = [];
        foreach ($announcement->slots as $slot) {
            $needed = array_values(array_filter($planned, fn (PlannedClue $clue): bool => isset($clue->cutting->slots[$slot->id])));
            $rows = $project->stock->where('slot_key', $slot->id);
            $whole = $announcement->cloth[$project->size_key][$slot->id] ?? null;
            $text = new StockText($project->notation, $this->cutting->room($project)->usableWidth);
            $facts[$slot->id] = new ClothFacts(
                slot: $slot->id,
                need: $this->need($wholes, $slot->id, $project),
                whole: $whole === null || $project->size_later
                    ? null
                    : $this->sold($shop, $shop->sold($whole, $project->quiltAlong->secret)),
                isSaid: $rows->isNotEmpty(),
                rows: $this->rows($project, $slot->id, $text, array_column($planned, 'number', 'clue')),
                short: $this->short($needed, $slot->id, $project, $shop),
                left: $this->left($after->pieces[$slot->id] ?? [], $project->notation),
                plans: array_map(fn (PlannedClue $clue): array => [
                    'number' => $clue->number, 'title' => $clue->title,
                    'short' => $clue->cutting->slots[$slot->id]->short() !== [],
                ], $needed),
                counted: $this->counted($wholes, $slot->id),
                woven: $text->woven(),
                margin: $this->margin($project, $slot->id),
                variety: $project->clothRules($slot->id)->variety,
            );
        }

        return $facts;
    }

    /**
     * How much of each fabric is counted as cut, as it stands now.
     *
     * @param  array<string, list<array{string, string, string, int, int}>>  $counted  task, digest, counter, pieces, square marks of one
     * @return array<string, string> in words, by the id of the fabric slot
     */
    public function used(Project $project, array $counted): array
    {
        $shop = ShopMeasure::of($project->notation);
        $step = $project->notation->fineStep();
        $wide = max(1, (new Marks($project->notation))->down($this->cutting->room($project)->usableWidth));
        $texts = [];
        foreach ($counted as $slot => $counters) {
            $cut = $all = $area = 0;
            foreach ($counters as [$task, $digest, $counter, $count, $each]) {
                $done = min($count, $this->counts->of($project, $task, $digest, $counter));
                $cut += $done;
                $all += $count;
                $area += $done * $each;
            }
            $texts[$slot] = $all === 0 ? '' : trans_choice('chart.used_of', $all, ['cut' => $cut])
                .($cut === 0 ? '' : ', '.__('chart.about', ['sold' => $this->sold($shop, $shop->sold($step->times((int) ceil($area / $wide))))]));
        }

        return $texts;
    }

    private function margin(Project $project, string $slot): string
    {
        $margin = $project->clothRules($slot)->margin;

        return $margin === null ? '' : Figure::text(Measurement::exact($margin), $project->notation);
    }

    private function sold(ShopMeasure $shop, Length $length): string
    {
        return __('chart.sold.'.$shop->value, ['number' => $shop->number($length)]);
    }

    /** @param  list<array{list<TaskSheet>, array<string, ClothNeed>}>  $wholes */
    private function need(array $wholes, string $slot, Project $project): ?string
    {
        $width = (new Marks($project->notation))->down($this->cutting->room($project)->usableWidth);
        $marks = 0;
        foreach ($wholes as [, $needs]) {
            if (isset($needs[$slot])) {
                $marks += SlotCutting::fromBolt($needs[$slot], $width, $project->aim)->length($project->aim);
            }
        }
        if ($marks === 0) {
            return null;
        }
        $length = (new Marks($project->notation))->length($marks);
        $shop = ShopMeasure::of($project->notation);

        return __('chart.need_text', [
            'length' => Figure::text(Measurement::setting($length), $project->notation), 'sold' => $this->sold($shop, $shop->sold($length)),
        ]);
    }

    /**
     * @param  array<string, int>  $numbers  of the open clues
     * @return list<array{id: string, text: string, left: string|null, fields: array<string, string>}> the largest first
     */
    private function rows(Project $project, string $slot, StockText $text, array $numbers): array
    {

        return array_values($project->stock
            ->where('slot_key', $slot)
            ->where('gone_at', null)
            ->sort(fn (StockRow $one, StockRow $other): int => [$text->area($other), $one->id] <=> [$text->area($one), $other->id])
            ->map(fn (StockRow $row): array => [
                'id' => $row->id,
                'text' => $text->line($row),
                'left' => $row->left_of === null ? null : __('stock.left_by', ['number' => $numbers[$row->left_by] ?? '']),
                'fields' => $text->fields($row),
            ])
            ->all());
    }

    /**
     * @param  list<PlannedClue>  $planned
     * @return list<string> sentences; empty where nothing is short
     */
    private function short(array $planned, string $slot, Project $project, ShopMeasure $shop): array
    {
        $sentences = [];
        foreach ($planned as $clue) {
            $cutting = $clue->cutting->slots[$slot];
            if ($cutting->short() !== []) {
                array_push($sentences, ...$this->shortOf($cutting, $project, $shop));
            }
        }

        return $sentences;
    }

    /** @return list<string> */
    private function shortOf(SlotCutting $cutting, Project $project, ShopMeasure $shop): array
    {
        $text = new CuttingText($cutting->need, $project->notation);
        $pieces = __('chart.short', ['pieces' => $text->pieces($cutting->short())]);
        $missing = $cutting->missing();
        if ($missing === 0) {
            return [$pieces, __('chart.too_wide')];
        }
        $marks = new Marks($project->notation);
        $quarters = $cutting->fatQuarters($this->cutting->room($project), $marks);
        // The end of what is bought is squared before anything is cut from it.
        $bought = $marks->length($missing)->plus($this->cutting->room($project)->squaring);
        $values = [
            'length' => $text->length($missing), 'width' => $text->length($cutting->bolt),
            'sold' => $this->sold($shop, $shop->sold($bought)),
        ];

        return [$pieces, $quarters === null ? __('chart.buy', $values) : trans_choice('chart.buy_or', $quarters, $values)];
    }

    /** @param  list<StockPiece>  $pieces */
    private function left(array $pieces, Notation $notation): string
    {
        $marks = new Marks($notation);
        $text = fn (int $length): string => Figure::text(Measurement::setting($marks->length($length)), $notation);
        usort($pieces, fn (StockPiece $one, StockPiece $other): int => [$other->area(), $one->id] <=> [$one->area(), $other->id]);
        $named = array_map(
            fn (StockPiece $piece): string => __('cuts.by', ['height' => $text($piece->width), 'length' => $text($piece->length)]),
            array_slice($pieces, 0, self::NAMED),
        );
        $more = count($pieces) - count($named);

        return implode(', ', [...$named, ...$more > 0 ? [trans_choice('stock.more', $more)] : []]);
    }

    /**
     * @param  list<array{list<TaskSheet>, array<string, ClothNeed>}>  $wholes
     * @return list<array{string, string, string, int, int}>
     */
    private function counted(array $wholes, string $slot): array
    {
        $counted = [];
        foreach ($wholes as [$tasks, $needs]) {
            $digests = [];
            foreach ($tasks as $task) {
                $digests[$task->task] = $task->digest;
            }
            foreach (isset($needs[$slot]) ? $needs[$slot]->wanted : [] as $piece) {
                foreach ($needs[$slot]->uses[$piece->id] as $use) {
                    $counted[] = [
                        $use->task, $digests[$use->task], $use->counter, $use->count,
                        intdiv($piece->height * $piece->pitch, $piece->group),
                    ];
                }
            }
        }

        return $counted;
    }
}
