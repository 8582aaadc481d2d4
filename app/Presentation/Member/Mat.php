<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Drawing\SheetPicture;
use App\Models\Clue;
use App\Models\CutStepDone;
use App\Models\Project;
use App\Plans\Cloth\CutCounts;
use App\Plans\Cloth\MemberCutting;
use App\Plans\Cloth\PlannedClue;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\CuttingText;
use App\Presentation\Shared\FabricView;
use App\Support\Openings;
use App\Wording\Figure;
use Dew\Core\Cutting\CutStep;
use Dew\Core\Cutting\PieceUse;
use Dew\Core\Cutting\SlotCutting;
use Dew\Core\Cutting\StockCut;
use Dew\Core\Cutting\Wanted;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;

/** The cutting of one clue as it is done at the mat: fabric by fabric, one piece of cloth after the other, step by step. */
final readonly class Mat
{
    public function __construct(
        private Drawn $drawn,
        private MemberCutting $cutting,
        private CutCounts $counts,
        private ReleasedSheets $sheets,
    ) {
    }

    /** @return array{title: string, html: string, done: int, count: int, next: string|null} */
    public function of(Project $project, Clue $clue): array
    {
        /**
         * @var array{title: string, parts: list<string>, steps: list<array{
         *     slot: string, plan: string, step: string, stocked: bool, label: array<string, int|string>, pieces: array<string, int>
         * }>, uses: array<string, array<string, list<array{string, string, string, int}>>>} $kept
         */
        $kept = $this->drawn->ofClue(
            $project, $clue, 'mat with counts '.$this->cutting->signature($project), fn (): array => $this->draw($project, $clue),
        );
        $done = CutStepDone::query()
            ->where(['project_id' => $project->id, 'clue_key' => $clue->key])
            ->get(['slot_key', 'plan', 'step'])
            ->mapWithKeys(fn (CutStepDone $row): array => ["$row->slot_key $row->plan $row->step" => true]);
        $values = ['token' => (string) csrf_token(), 'mat' => e(route('member.mat', [$project, $clue->number]))];
        $values['fabrics'] = e(route('member.fabrics', $project));
        $counted = $this->counted($project, $kept['steps'], $kept['uses'], $done->all());
        $count = 0;
        $next = null;
        foreach ($kept['steps'] as $index => $step) {
            $isDone = isset($done["{$step['slot']} {$step['plan']} {$step['step']}"]);
            $isCounted = isset($counted[$step['slot']][$step['step']]);
            $values["state:$index"] = $isDone || $isCounted ? ' is-done' : '';
            $values["button:$index"] = view('member.mat-button', ['isDone' => $isDone, 'isCounted' => $isCounted, 'label' => $step['label']])
                ->render();
            $count += $isDone || $isCounted ? 1 : 0;
            $next ??= $isDone || $isCounted ? null : "step-{$step['slot']}-{$step['step']}";
            if ($isDone && $step['stocked']) {
                $values["keep:{$step['slot']}"] = view('member.mat-keep', ['project' => $project, 'slot' => $step['slot']])->render();
            }
        }

        return [
            'title' => $kept['title'], 'html' => Openings::fill($kept['parts'], $values), 'done' => $count, 'count' => count($kept['steps']),
            'next' => $count === 0 ? null : $next,
        ];
    }

    /**
     * Steps that need no mark, since all their pieces are counted in the clue: by hand, or in another plan.
     *
     * @param  list<array{slot: string, plan: string, step: string, pieces: array<string, int>, ...}>  $steps
     * @param  array<string, array<string, list<array{string, string, string, int}>>>  $uses
     * @param  array<string, bool>  $done
     * @return array<string, array<string, true>> by fabric and step
     */
    private function counted(Project $project, array $steps, array $uses, array $done): array
    {
        $given = $marked = [];
        foreach ($steps as $step) {
            $given[$step['slot']][$step['step']] = $step['pieces'];
            if (isset($done["{$step['slot']} {$step['plan']} {$step['step']}"])) {
                $marked[$step['slot']][$step['step']] = true;
            }
        }
        $counted = [];
        foreach ($given as $slot => $pieces) {
            $counted[$slot] = CutStep::counted($pieces, $marked[$slot] ?? [], array_map(
                fn (array $wanting): int => array_sum(array_map(
                    fn (array $use): int => min($use[3], $this->counts->since($project, $use[0], $use[1], $use[2])), $wanting,
                )),
                $uses[$slot],
            ));
        }

        return $counted;
    }

    /**
     * @return array{
     *     title: string, parts: list<string>, steps: list<array<string, mixed>>,
     *     uses: array<string, array<string, list<array{string, string, string, int}>>>
     * } of each fabric and piece, who wants it: task, digest, counter and how many
     */
    private function draw(Project $project, Clue $clue): array
    {
        $planned = $this->cutting->ofClue($project, $clue);
        $open = new Openings;
        $cards = $this->cards($planned, $project);
        $steps = [];
        foreach ($cards as $card) {
            array_push($steps, ...$card['index']);
        }
        $better = $this->cutting->betterWidth($project, $planned);
        $text = fn (Length $length): string => $this->text($length, $project->notation);

        return [
            'title' => $planned->title,
            'parts' => $open->cut(view('member.mat-cards', [
                'open' => $open,
                'cards' => $cards,
                'sets' => $planned->cutting->width->equals($this->cutting->room($project)->usableWidth)
                    ? null
                    : __('mat.sets', ['width' => $text($planned->cutting->width)]),
                'better' => $better === null ? null : [
                    'width' => $better->encode(),
                    'text' => __('mat.better', ['width' => $text($better), 'now' => $text($planned->cutting->width)]),
                    'label' => __('mat.use_width', ['width' => $text($better)]),
                ],
            ])->render()),
            'steps' => $steps,
            'uses' => self::uses($planned),
        ];
    }

    /** @return array{title: string, cards: list<array<string, mixed>>} the same for paper: drawn in plain colours, without buttons */
    public function forPrint(Project $project, Clue $clue): array
    {
        $planned = $this->cutting->ofClue($project, $clue);

        return ['title' => $planned->title, 'cards' => $this->cards($planned, $project, onPaper: true)];
    }

    /** @return list<array{index: list<array<string, mixed>>, ...<string, mixed>}> one for each fabric that the clue cuts from */
    private function cards(PlannedClue $planned, Project $project, bool $onPaper = false): array
    {
        $announcement = $this->sheets->announcement($project);
        $cloths = $project->colourway($announcement)->cloths;
        $cards = [];
        $steps = 0;
        foreach ($announcement->slots as $slot) {
            if (isset($planned->cutting->slots[$slot->id])) {
                $cards[] = $card = $this->fabric($planned, FabricView::of($slot, $cloths[$slot->id], []), $project, $steps, $onPaper);
                $steps += count($card['index']);
            }
        }

        return $cards;
    }

    /** @return array{index: list<array<string, mixed>>, ...<string, mixed>} */
    private function fabric(PlannedClue $planned, FabricView $fabric, Project $project, int $first, bool $onPaper): array
    {
        $cutting = $planned->cutting->slots[$fabric->slot];
        $text = new CuttingText($cutting->need, $project->notation);
        $picture = new SheetPicture($fabric->colour, $onPaper ? $fabric->colour : $fabric->fill, $project->notation, $project->left_handed);
        $names = $project->stock->pluck('name', 'id');
        $isBolt = isset($planned->before->bolts[$fabric->slot]);
        $alike = $cutting->need->lookAlikes($project->notation === Notation::Centimetres ? 6 : 4);
        $cloths = $index = [];
        $steps = CutStep::of($cutting->plan);
        foreach ($cutting->plan->cuts as $number => $cut) {
            $own = [];
            foreach ($steps as $place => $step) {
                if ($step->cut === $number) {
                    $own[] = [
                        'number' => $place + 1,
                        'index' => $first + $place,
                        'anchor' => "step-$fabric->slot-$step->id",
                        ...$this->step($step, $cut, $cutting, $text, $alike),
                    ];
                    $index[] = [
                        'slot' => $fabric->slot, 'plan' => $planned->plan($fabric->slot), 'step' => $step->id, 'stocked' => ! $isBolt,
                        'label' => ['number' => $place + 1, 'fabric' => $fabric->letter], 'pieces' => $step->pieces(),
                    ];
                }
            }
            $name = $names[$cut->stock->row()] ?? '';
            $cloths[] = [
                'title' => ucfirst($text->cloth($cut, $project->left_handed)).($name === '' ? '' : ', '.$name),
                'picture' => $picture->of($cutting->plan, $number, __('mat.picture', ['cloth' => $text->cloth($cut, $project->left_handed)])),
                'steps' => $own,
                'left' => $isBolt ? null : $text->left($cut->remnants()),
            ];
        }
        $margin = $project->clothRules($fabric->slot)->margin;

        return [
            'fabric' => $fabric,
            'plan' => $planned->plan($fabric->slot),
            'bolt' => $isBolt ? __('mat.bolt', ['width' => $text->length($cutting->bolt)]) : null,
            'short' => $text->short($cutting),
            'margin' => $margin === null ? null : __('mat.placed', ['margin' => $this->text($margin, $project->notation)]),
            'single' => __($this->hasHands($cutting) ? 'mat.single' : 'mat.folded'),
            'bound' => $text->bound($cutting),
            'aims' => $text->aims($cutting),
            'cloths' => $cloths,
            'index' => $index,
        ];
    }

    /**
     * @param  array<string, list<Wanted>>  $alike
     * @return array<string, mixed>
     */
    private function step(CutStep $step, StockCut $cut, SlotCutting $cutting, CuttingText $text, array $alike): array
    {
        $cuts = $text->step($step->strip, $step->count, $cut->sheets[$step->sheet]->lengthwise);
        $tasks = $others = [];
        foreach (array_keys($step->pieces()) as $piece) {
            foreach ($cutting->need->uses[$piece] as $use) {
                $tasks[$use->name] = $use->name;
            }
            foreach ($alike[$piece] ?? [] as $other) {
                $others[$other->id] = $text->by($other->height, $other->length);
            }
        }

        return [
            'id' => $step->id, 'title' => $cuts->text, 'lines' => $cuts->under, 'count' => $step->count,
            'for' => __('mat.for', ['tasks' => implode(', ', $tasks)]),
            'alike' => $others === [] ? null : __('mat.alike', ['others' => implode(', ', $others)]),
        ];
    }

    /** @return array<string, array<string, list<array{string, string, string, int}>>> */
    private static function uses(PlannedClue $planned): array
    {
        $digests = [];
        foreach ($planned->cutting->tasks as $task) {
            $digests[$task->task] = $task->digest;
        }

        return array_map(fn (SlotCutting $slot): array => array_map(
            fn (array $uses): array => array_map(
                fn (PieceUse $use): array => [$use->task, $digests[$use->task], $use->counter, $use->count], array_values($uses),
            ),
            $slot->need->uses,
        ), $planned->cutting->slots);
    }

    /** Whether pieces have a left and a right, so that two layers would give one of each. */
    private function hasHands(SlotCutting $cutting): bool
    {
        foreach ($cutting->need->uses as $uses) {
            if (array_filter($uses, fn (PieceUse $use): bool => $use->piece->lay->chiral) !== []) {
                return true;
            }
        }

        return false;
    }

    private function text(Length $length, Notation $notation): string
    {
        return Figure::text(Measurement::setting($length), $notation);
    }
}
