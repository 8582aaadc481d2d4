<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Drawing\UnitPicture;
use App\Models\Project;
use App\Support\Markdown;
use App\Wording\Figure;
use App\Wording\KindWords;
use App\Wording\Sentence;
use App\Wording\SizeKind;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\Slot;
use Dew\Core\Making\On;
use Dew\Core\Making\Operand;
use Dew\Core\Making\Overhang;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Making\Tool;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;
use Dew\Core\Press\PressDone;
use Dew\Core\Press\Pressed;
use Dew\Core\Press\PressFlag;
use Dew\Core\Press\StepPress;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\BlockDrawing;
use Dew\Core\Sheet\Byproduct;
use Dew\Core\Sheet\ChoreSheet;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\MethodOffer;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Words\ClueWords;
use Dew\Core\Words\HostTool;
use Dew\Core\Words\StepChange;
use Illuminate\Support\HtmlString;

/**
 * One clue, ready to be read: words, numbers in the reader's notation, drawings in her cloth, counters when there is a project to count
 * for.
 */
final readonly class CluePage
{
    /** Cautions by the kind of step that calls for them. */
    private const CAUTIONS = [
        'cutter' => 'cautions.cutter',
        'iron' => 'cautions.iron',
        'marker' => 'cautions.marker',
        'needle' => 'cautions.needle',
    ];

    private UnitPicture $pictures;

    private function __construct(
        public ClueSheet $sheet,
        private Announcement $announcement,
        public Notation $notation,
        private ?Project $project,
        private ?Counters $counters,
        private Colourway $colourway,
        private ?CuttingList $cuts = null,
    ) {
        $this->pictures = new UnitPicture($colourway, $announcement->slots);
    }

    public static function forMember(ClueSheet $sheet, Announcement $announcement, Project $project, CuttingList $cuts): self
    {
        return new self(
            $sheet, $announcement, $project->notation, $project, Counters::of($sheet, $project), $project->colourway($announcement), $cuts,
        );
    }

    /** Her numbers without her counters, and so without a query for each clue. */
    public static function forReading(ClueSheet $sheet, Announcement $announcement, Project $project): self
    {
        return new self($sheet, $announcement, $project->notation, $project, null, $project->colourway($announcement));
    }

    /**
     * @param  string|null  $colourway  its id; null for the first
     * @param  CuttingList|null  $cuts  null where it only matters what is cut
     */
    public static function forPreview(
        ClueSheet $sheet,
        Announcement $announcement,
        Notation $notation,
        ?string $colourway = null,
        ?CuttingList $cuts = null,
    ): self {
        return new self($sheet, $announcement, $notation, null, null, $announcement->colourway($colourway), $cuts);
    }

    public function sizeName(): string
    {
        return $this->project?->size_later === true ? __('quilt.any_size') : $this->announcement->sizes[$this->sheet->size]->name;
    }

    /** Whether something here is cut round a template, which can be printed. */
    public function hasTemplates(): bool
    {
        return TemplatePages::areIn($this->sheet);
    }

    /** What the host says first. */
    public function opening(): HtmlString
    {
        return Markdown::html($this->sheet->introduction);
    }

    /** What she says besides: her notes for this size and colourway, pictures, link, machine settings and closing. */
    public function words(): ClueWords
    {
        return $this->sheet->words->inColourway($this->colourway->id);
    }

    public function markdown(string $text): HtmlString
    {
        return Markdown::html($text);
    }

    /** @return list<string> what the work itself needs, and what the host adds */
    public function tools(): array
    {
        return [
            ...array_map(fn (Tool $tool): string => __('tools.'.$tool->code, [
                'length' => $tool->atLeast === null ? '' : Figure::text($tool->atLeast, $this->notation),
            ]), $this->sheet->tools()),
            ...array_map(fn (HostTool $tool): string => $tool->atLeast === null ? $tool->name : __('tools.at_least', [
                'tool' => $tool->name, 'length' => Figure::text(Measurement::up($tool->atLeast), $this->notation),
            ]), $this->sheet->words->tools),
        ];
    }

    /** @return list<string> */
    public function cautions(): array
    {
        $needed = $this->sheet->tasks === []
            ? []
            : [...array_map(fn (Tool $tool): string => $tool->code, $this->sheet->tools()), 'needle'];

        return [
            ...array_map(__(...), array_values(array_intersect_key(self::CAUTIONS, array_flip($needed)))),
            ...array_map(fn (string $code): string => __('cautions.'.$code), $this->sheet->words->cautions),
        ];
    }

    /** @return list<ChoreView> what else is to do in this clue */
    public function chores(): array
    {
        return array_map(fn (ChoreSheet $chore): ChoreView => ChoreView::of(
            $chore,
            $this->counters?->get($chore->id, TaskSheet::TRIMMED),
        ), $this->sheet->chores);
    }

    /**
     * The cutting list, fabric by fabric.
     *
     * @return list<FabricView>
     */
    public function fabrics(): array
    {
        $lines = [];
        foreach ($this->sheet->tasks as $task) {
            foreach ($task->making->pieces as $piece) {
                if ($piece->isCloth() && ! $task->isAllFromBag($this->madeBefore($task))) {
                    $lines[$piece->slots[0]][] = $this->cutLine($task, $piece);
                }
            }
        }
        $used = array_filter($this->announcement->slots, fn (Slot $slot): bool => isset($lines[$slot->id]));

        return array_values(array_map(fn (Slot $slot): FabricView => FabricView::of(
            $slot,
            $this->colourway->cloths[$slot->id],
            $lines[$slot->id],
            $this->project?->isClothOpen($slot->id, $this->announcement) === true ? __('fabrics.own.wanted') : null,
            $this->project?->swatches->contains('slot_key', $slot->id) === true,
        ), $used));
    }

    /** How a fabric is cut; null on pages that only tell what is cut. */
    public function cutting(string $slot): ?FabricCutting
    {
        return $this->cuts?->of($slot);
    }

    /**
     * Segments to cut from strip sets once those are sewn.
     *
     * @return list<CutLine>
     */
    public function segments(): array
    {
        $lines = [];
        foreach ($this->sheet->tasks as $task) {
            foreach ($task->making->pieces as $piece) {
                if ($piece->isFromSet()) {
                    $lines[] = $this->cutLine($task, $piece);
                }
            }
        }

        return $lines;
    }

    /**
     * Units and blocks that earlier clues made and this one joins. What this clue makes itself stands where it is made.
     *
     * @return list<CutLine>
     */
    public function parts(): array
    {
        $lines = [];
        $own = array_merge(...array_map(fn (TaskSheet $task): array => $task->makes, $this->sheet->tasks));
        foreach ($this->sheet->tasks as $task) {
            $parts = array_filter(
                $task->making->pieces,
                fn (Piece $piece): bool => $piece->shape === PieceShape::Part && ! in_array($piece->id, $own, true),
            );
            foreach ($parts as $piece) {
                $known = $task->drawing !== null && isset($task->drawing->names[$piece->id]);
                $lines[] = $known ? $this->partLine($task, $task->drawing, $piece) : $this->cutLine($task, $piece);
            }
        }

        return $lines;
    }

    /** @return list<TaskView> */
    public function tasks(): array
    {
        return array_map($this->task(...), $this->sheet->tasks);
    }

    private function task(TaskSheet $task): TaskView
    {
        $before = $this->madeBefore($task);
        $spares = $task->making->spares($task->toMake($before));
        $square = $task->measured()->isSquare();
        $choosable = count($task->ways) > 1 || $task->making->canBeOversize();
        $counters = array_values(
            array_filter(array_keys($task->counters()), fn (string $counter): bool => ! str_starts_with($counter, 'cut:')),
        );

        return new TaskView(
            anchor: $task->task,
            name: $task->name,
            kind: $task->kind->value,
            heading: __(match (true) {
                $this->project?->quiltAlong->many_hands === true => 'tasks.shared',
                $task->making->method->isPlain() => 'tasks.cut',
                default => 'tasks.make',
            }, ['count' => $task->count]),
            unfinished: Figure::of($task->trimWidth(), SizeKind::Unfinished, $this->notation),
            finished: Figure::of(Measurement::exact($task->measured()->width), SizeKind::Finished, $this->notation),
            unfinishedHeight: $square ? null : Figure::of($task->trimHeight(), SizeKind::Unfinished, $this->notation),
            finishedHeight: $square ? null : Figure::of(Measurement::exact($task->measured()->height), SizeKind::Finished, $this->notation),
            picture: $this->pictures->unit($task),
            pressed: $this->project === null || $task->press === null ? null : $this->howPressed($task, $this->project),
            pressOther: $task->press === null || $task->press->others === 0
                ? null : $this->pictures->unit($task, $task->press->otherFlags),
            numbered: $task->kind->isNumbered,
            pressBoard: $task->isPressedOnBoard() ? $this->pictures->board($task) : null,
            method: KindWords::method($task->making->method->value),
            oversize: $task->making->canBeOversize() ? $task->oversize : null,
            methods: $choosable ? array_map(
                fn (MethodOffer $offer): MethodView => $this->method($offer, $task->making->method),
                $task->offers(),
            ) : [],
            steps: $this->steps($task, $before),
            overhangs: array_map($this->overhang(...), $task->overhangs),
            counters: $this->counters === null ? [] : array_map(
                fn (string $counter): CounterView => $this->counters->get($task->task, $counter),
                $counters,
            ),
            spares: $spares > 0 ? trans_choice('tasks.spares', $spares) : null,
            remainder: $before > 0 ? __('tasks.remainder', ['made' => $before, 'left' => $task->toMake($before)]) : null,
            fromBag: $this->fromBag($task, $before),
            byproduct: $task->byproduct === null ? null : $this->byproduct($task->byproduct, $task),
            byproductPicture: $task->byproduct === null ? null : $this->pictures->part(
                $task->name,
                $task->byproduct->patches,
                $task->byproduct->finished,
            ),
            quilting: $this->quilting($task),
            turns: $this->turns($task),
            pattern: $task->picture,
        );
    }

    /** @return array<string, StepView> the steps of a task as they are worked out, by name */
    public function usualSteps(TaskSheet $task): array
    {
        return array_map(
            fn (Step $step): StepView => $this->step($step, $task),
            StepNames::of($task->making->method->isPlain() ? [] : $task->steps()),
        );
    }

    /**
     * The steps of a task, with what the host says otherwise, leaves out or adds.
     *
     * @return list<StepView>
     */
    private function steps(TaskSheet $task, int $before): array
    {
        $changes = $this->sheet->words->stepsOf($task->task);
        $steps = [];
        foreach (StepNames::of($task->making->method->isPlain() ? [] : $task->steps($before)) as $name => $step) {
            $about = array_values(array_filter($changes, fn (StepChange $change): bool => $change->step === $name));
            $ways = array_column($about, null, 'what');
            if (! isset($ways[StepChange::LEAVE])) {
                $view = $this->step($step, $task);
                $steps[] = isset($ways[StepChange::SAY]) ? $view->saying($ways[StepChange::SAY]->text) : $view;
            }
            foreach ($about as $change) {
                if ($change->what === StepChange::ADD) {
                    $steps[] = StepView::ofHost($change->text);
                }
            }
        }
        foreach ($changes as $change) {
            if ($change->what === StepChange::ADD && $change->step === null) {
                $steps[] = StepView::ofHost($change->text);
            }
        }

        return $steps;
    }

    /** @return list<TurnsView> */
    private function turns(TaskSheet $task): array
    {
        $drawing = $task->drawing;
        if ($drawing === null) {
            return [];
        }
        $views = [];
        foreach ($drawing->choices() as $block => [$key, $names]) {
            $chosen = $drawing->chosen[$block] ?? '';
            $ways = [];
            foreach (['' => __('tasks.turns.designed')] + $names as $way => $name) {
                $turned = $drawing->turned([$block => (string) $way] + $drawing->chosen);
                $ways[] = [
                    'value' => (string) $way,
                    'name' => $name,
                    'picture' => $this->pictures->part($name, $turned->part($key), $turned->box($key)),
                    'chosen' => (string) $way === (isset($names[$chosen]) ? $chosen : ''),
                ];
            }
            $views[] = new TurnsView((string) $block, $drawing->names[$key] ?? $task->name, $ways);
        }

        return $views;
    }

    /** What lies in a bag already; less when the other task was made another way. */
    private function fromBag(TaskSheet $task, int $before): ?string
    {
        $there = $task->fromBag + min(0, $before);

        return match (true) {
            $there <= 0 => null,
            $task->isAllFromBag($before) => trans_choice('tasks.all_from_bag', $there),
            default => trans_choice('tasks.from_bag', $there, ['left' => $task->toMake($before)]),
        };
    }

    private function byproduct(Byproduct $byproduct, TaskSheet $task): string
    {
        return $byproduct->name === null
            ? trans_choice('tasks.byproduct.unnamed', $byproduct->count, ['unit' => $task->name])
            : trans_choice('tasks.byproduct.named', $byproduct->count, ['name' => $byproduct->name]);
    }

    /**
     * The sizes of a block that is quilted by itself, each in a sentence.
     *
     * @return list<string>
     */
    private function quilting(TaskSheet $task): array
    {
        $sentences = [];
        foreach ($task->quilting as $what => $size) {
            $text = fn (Length $length): string => Figure::text(Measurement::exact($length), $this->notation);
            if ($size instanceof Size) {
                $sentences[] = __('quilting.'.$what, ['width' => $text($size->width), 'height' => $text($size->height)]);
            } elseif ($size->isPositive()) {
                $sentences[] = __('quilting.'.$what, ['width' => $text($size)]);
            }
        }

        return $sentences;
    }

    private function method(MethodOffer $offer, Method $chosen): MethodView
    {
        $key = KindWords::methodKey($offer->method->value);

        return new MethodView(
            value: $offer->method->value,
            name: __($key.'.name'),
            hint: __($key.'.hint'),
            batches: trans_choice($key.'.batches', $offer->batches()),
            spares: $offer->spares() === 0 ? __('methods.no_spares') : trans_choice('methods.spares', $offer->spares()),
            bias: $offer->biasEdges === 0 ? __('methods.no_bias') : trans_choice('methods.bias', $offer->biasEdges),
            cloth: Figure::area(round($offer->cloth()), $this->notation),
            waste: Figure::area(round($offer->waste()), $this->notation),
            stock: $offer->stock() === null ? null : __('methods.stock', ['width' => Figure::text($offer->stock(), $this->notation)]),
            chosen: $offer->method->is($chosen->value),
        );
    }

    private function step(Step $step, TaskSheet $task): StepView
    {
        $places = array_map(fn (On $on): string => __('places.'.$on->of), $step->operands(Operand::Corner));
        $words = $step->names
            + array_map(fn (Measurement $measure): string => Figure::text($measure, $this->notation), $step->measures)
            + array_map(fn (string $slot): string => $this->announcement->slots[$slot]->letter, $step->slots)
            + array_map(strval(...), $step->counts)
            + ['places' => Sentence::list($places)];
        $unfinished = $step->measures['unfinished'] ?? $step->measures['sewn'] ?? null;
        $code = KindWords::stepKey($step->code.($this->comesOutOtherwise($step) ? '_otherwise' : ''));
        $pressing = $task->pressing($step);

        return new StepView(
            $step->kind->value,
            __('clue.step.'.$step->kind->value),
            implode(' ', array_filter([
                $pressing === null ? __($code, $words) : $this->pressed($pressing, $task),
                $step->sewing === null ? '' : __('steps.sewing.'.$step->sewing->value),
                $task->clashes($step) === 0 ? '' : trans_choice('steps.pressing.clash', $task->clashes($step)),
                isset($step->measures['before']) && $step->kind === StepKind::Trim ? __('steps.before_trimming', $words) : '',
            ])),
            $unfinished !== null && in_array(
                $step->kind,
                [StepKind::Trim, StepKind::Check],
                true,
            ) ? Figure::of($unfinished, SizeKind::Unfinished, $this->notation) : null,
        );
    }

    /** What she said of how hers are pressed: one seam tells, since all of them were turned alike. */
    private function howPressed(TaskSheet $task, Project $project): string
    {
        $said = $project->pressed[$task->makes[0] ?? ''] ?? null;
        $way = $said === null || $said === [] ? null : PressFlag::decode($said[0])->pressed;

        return match (true) {
            $way === null => PressDone::AsPlanned->value,
            $way === Pressed::Open => PressDone::Open->value,
            default => PressDone::Reversed->value,
        };
    }

    /** How a step presses by the plan, in words; the drawing shows it too. */
    private function pressed(StepPress $pressing, TaskSheet $task): string
    {
        $ways = array_map(fn (string $way): string => __('press.way.'.$way), $pressing->ways);
        $rows = array_map(
            fn (string $way, int $row): string => __('steps.pressing.row', ['row' => $row, 'way' => $way]), $ways, array_keys($ways),
        );

        return implode(' ', array_filter([
            trans_choice('steps.pressing.'.$pressing->code, $pressing->seams, [
                'fabric' => $pressing->slot === null ? '' : $this->announcement->slots[$pressing->slot]->letter,
                'way' => $ways[array_key_first($ways) ?? 0] ?? '', 'rows' => Sentence::list($rows),
            ]),
            $pressing->sets === [] ? '' : __('steps.pressing.sets', [
                'one' => $pressing->sets[0] * $task->count, 'other' => array_sum(array_slice($pressing->sets, 1)) * $task->count,
            ]),
            $task->press !== null && $task->press->others > 0 ? __('steps.pressing.others', [
                'others' => $task->press->others, 'count' => $task->count,
            ]) : '',
        ]));
    }

    /** Whether parts trimmed to the marks of this ruler give another size than the pattern's. */
    private function comesOutOtherwise(Step $step): bool
    {
        foreach (['pattern_width' => 'width', 'pattern' => 'unfinished'] as $pattern => $sewn) {
            $differs = isset($step->measures[$pattern], $step->measures[$sewn])
                && Figure::text($step->measures[$sewn], $this->notation) !== Figure::text(
                    Measurement::exact($step->measures[$pattern]->exact),
                    $this->notation,
                );
            if ($differs) {
                return true;
            }
        }

        return false;
    }

    private function overhang(Overhang $overhang): string
    {
        $letter = fn (string $slot): string => $this->announcement->slots[$slot]->letter;
        $end = fn (Measurement $measure): string => $measure->exact->isZero() ? __('steps.overhang.level') : __('steps.overhang.out', [
            'slot' => $letter($measure->exact->isNegative() ? $overhang->second : $overhang->first),
            'by' => Figure::text(Measurement::exact($measure->exact->absolute(), true), $this->notation),
        ]);

        return __('steps.overhang.whole', [
            'first' => $letter($overhang->first),
            'second' => $letter($overhang->second),
            'start' => $end($overhang->start),
            'end' => $end($overhang->end),
        ]);
    }

    private function cutLine(TaskSheet $task, Piece $piece): CutLine
    {
        $count = $task->quantity($piece, $this->madeBefore($task));
        $width = Figure::of($piece->width, SizeKind::Cut, $this->notation);

        return new CutLine(
            count: $count,
            shape: trans_choice('pieces.many.'.$piece->shape->value, $count),
            width: $width,
            // What is cut at an angle is not measured from tip to tip: its note says how far apart the cuts are.
            length: $piece->length === null || $piece->isSegment() || $piece->slantedCut() !== null
                || $piece->width->encode() === $piece->length->encode()
                ? null
                : Figure::of($piece->length, SizeKind::Cut, $this->notation),
            for: $piece->label === null ? $task->name : __('pieces.labelled', ['label' => $piece->label, 'task' => $task->name]),
            letters: implode(' + ', array_map(fn (string $slot): string => $this->announcement->slots[$slot]->letter, $piece->slots)),
            picture: $this->pictures->piece($piece),
            counter: $this->counters?->find($task->task, $task->cuttingCounter($piece)),
            note: $this->note($piece),
        );
    }

    private function partLine(TaskSheet $task, BlockDrawing $drawing, Piece $piece): CutLine
    {
        $length = $piece->length ?? $piece->width;
        $name = $drawing->names[$piece->id];

        return new CutLine(
            count: $task->quantity($piece, $this->madeBefore($task)),
            shape: $name,
            width: Figure::of($length, SizeKind::Unfinished, $this->notation),
            length: $length->encode() === $piece->width->encode() ? null : Figure::of($piece->width, SizeKind::Unfinished, $this->notation),
            for: $task->name,
            letters: '',
            picture: $this->pictures->part($name, $drawing->part($piece->id), $drawing->box($piece->id)),
            counter: null,
        );
    }

    /** What to watch when a piece is cut: its hand, and what its template shows besides the outline. */
    private function note(Piece $piece): ?string
    {
        $slanted = $piece->slantedCut();
        $text = fn (?Measurement $measure): string => $measure === null ? '' : Figure::text($measure, $this->notation);
        $notes = array_filter([
            $slanted === null ? null : __('cutting.slanted', [
                'degrees' => $slanted[0],
                'spacing' => $text($slanted[1]),
                'length' => $text($piece->tipToTip()),
            ]),
            $piece->lay->mirrored ? __('pieces.mirrored') : ($piece->lay->chiral && $piece->isCloth() ? __('pieces.face_up') : null),
            $piece->template?->notches === [] || $piece->template === null ? null : trans_choice(
                'pieces.notches',
                count($piece->template->notches),
            ),
            $piece->template?->later === null ? null : __('pieces.spare'),
        ]);

        return $notes === [] ? null : implode(' ', $notes);
    }

    private function madeBefore(TaskSheet $task): int
    {
        return $this->project?->madeBefore($task) ?? 0;
    }
}
