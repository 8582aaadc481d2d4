<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Project;
use App\Models\StockRow;
use App\Plans\Cloth\MemberCutting;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\Figure;
use Dew\Core\Bench\BackPart;
use Dew\Core\Bench\BiasBinding;
use Dew\Core\Bench\BorderRound;
use Dew\Core\Bench\Borders;
use Dew\Core\Bench\Corner;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Bench\PiecedBack;
use Dew\Core\Bench\PiecedBorder;
use Dew\Core\Bench\QuiltedTop;
use Dew\Core\Bench\TopMeasure;
use Dew\Core\Cutting\Backing;
use Dew\Core\Cutting\Binding;
use Dew\Core\Cutting\Marks;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthParser;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\LongStrips;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Top\Arrangement;
use Dew\Core\Unit\Kind\PutTogether;
use Dew\Core\Unit\Kind\UnitLibrary;

/**
 * The last steps of a quilt from what it really measures: borders, back and binding. What she measured is kept as she wrote it; the numbers
 * are worked out anew at every look.
 */
final readonly class BenchWork
{
    /** Usable width of wide backing cloth, its selvedges off. */
    private const WIDE = 106;

    /** Width of batting off the roll, in inches. */
    private const BATTING = 90;

    /** Measures of one direction. */
    private const MOST = 5;

    private const MOST_BORDERS = 6;

    /** Finished inches below which a plain strip beside a pieced border cannot be sewn well. */
    private const LEAST_COPING = [1, 2];

    public function __construct(
        private MemberCutting $cutting,
        private ReleasedSheets $sheets,
        private BenchFinish $finish,
    ) {
    }

    /**
     * What the form of a page shows before she has written anything.
     *
     * @return array<string, string>
     */
    public function fields(Project $project, string $work): array
    {
        $top = $this->top($project);
        $size = $top === null ? '' : $this->text($top->width, $project).' x '.$this->text($top->height, $project);

        $fields = match ($work) {
            'borders' => [
                'widths' => '', 'heights' => '', 'diagonals' => '', 'borders' => $this->bordersText($project),
                'corner' => Corner::Straight->value, 'unit' => '',
            ],
            'quilted' => ['measured' => ''],
            'quilting' => ['notes' => '', 'lines' => 'none', 'distance' => $this->text(Length::fraction(1, 2), $project)],
            'left' => [],
            'back' => [
                'top' => $size, 'beyond' => $this->text(Length::inches(4), $project), 'module' => '',
                'batting' => $this->text(Length::inches(self::BATTING), $project),
            ],
            default => ['top' => $size, 'width' => $this->text(Length::fraction(5, 2), $project), 'cloth' => ''],
        };

        return array_replace($fields, array_intersect_key($project->bench[$work] ?? [], $fields));
    }

    /**
     * @param  array<string, string>  $fields
     * @return array<string, mixed> for the view of the page
     *
     * @throws MeasureException|MeasureRefused
     */
    public function result(Project $project, string $work, array $fields): array
    {
        return match ($work) {
            'borders' => $this->borders($project, $fields),
            'back' => $this->back($project, $fields),
            'quilted' => $this->quilted($project, $fields),
            'quilting' => $this->finish->quilting($project, $fields),
            'left' => $this->finish->left($project),
            default => $this->binding($project, $fields),
        };
    }

    /**
     * @param  array<string, string>  $fields
     * @return array<string, mixed>
     */
    private function borders(Project $project, array $fields): array
    {
        $room = $this->cutting->room($project);
        $diagonals = trim($fields['diagonals']) === '' ? null : $this->lengths($fields['diagonals'], $project, 'diagonals');
        if ($diagonals !== null && count($diagonals) !== 2) {
            throw new MeasureRefused('diagonals', 'diagonals');
        }
        $top = new TopMeasure(
            $this->lengths($fields['widths'], $project, 'widths'), $this->lengths($fields['heights'], $project, 'heights'), $diagonals,
        );
        $widths = $this->widths($project, $fields['borders']);
        $corner = Corner::tryFrom($fields['corner']) ?? Corner::Straight;
        $rounds = $widths === [] ? [] : Borders::of(
            $top, $widths, $corner, $room, $room->usableWidth, $project->methods()->for(UnitLibrary::kind(PutTogether::LONG_STRIPS))->is(PutTogether::LONG_STRIPS_STRAIGHT),
        );
        $pattern = $this->pattern($project, $widths);
        $text = fn (Length $length): string => $this->text($length, $project);
        $result = [
            'average' => __('benchwork.average', ['width' => $text($top->width()), 'height' => $text($top->height())]),
            'pattern' => $pattern === null ? null : __('benchwork.pattern', [
                'width' => $text($pattern->width), 'height' => $text($pattern->height),
            ]),
            'warnings' => [
                ...$pattern !== null && $top->isFarFrom($pattern) ? [__('benchwork.wrong.not_this_size')] : [],
                ...array_map(fn (string $warning): string => __('benchwork.warning.'.$warning, [
                    'lean' => $text(Length::approximately(abs($top->lean()))),
                ]), $top->warnings()),
            ],
            'rounds' => array_map(fn (BorderRound $round, int $number): array => [
                'title' => __('benchwork.border', ['number' => $number + 1, 'finished' => $text($round->finished)]),
                'cut' => __(
                    'benchwork.cut', ['cut' => $text($round->cut), 'strips' => $round->strips, 'usable' => $text($room->usableWidth)],
                ),
                'sides' => $text($round->sides), 'ends' => $text($round->ends),
                'corners' => $round->corners === null ? null : __('benchwork.corners', ['size' => $text($round->corners)]),
                'after' => __('benchwork.after', ['width' => $text($round->after->width), 'height' => $text($round->after->height)]),
            ], $rounds, array_keys($rounds)),
            'order' => __('benchwork.ends_first.'.$corner->value),
            'pieced' => null,
        ];
        if (trim($fields['unit']) !== '') {
            $unit = $this->lengths($fields['unit'], $project, 'border')[0];
            $fit = PiecedBorder::of($top, $unit, Length::fraction(...self::LEAST_COPING), $room);
            $seams = $room->seam->times(2);
            $result['pieced'] = [
                __('benchwork.pieced', ['unit' => $text($unit), 'down' => $fit->down, 'across' => $fit->across]),
                $fit->sideCoping->isZero() && $fit->endCoping->isZero() ? __('benchwork.no_coping') : __('benchwork.coping', [
                    'sides' => $text($fit->sideCoping), 'ends' => $text($fit->endCoping),
                    'cut_sides' => $text($fit->sideCoping->plus($seams)), 'cut_ends' => $text($fit->endCoping->plus($seams)),
                ]),
            ];
        }

        return $result;
    }

    /**
     * @param  array<string, string>  $fields
     * @return array<string, mixed>
     */
    private function back(Project $project, array $fields): array
    {
        $room = $this->cutting->room($project);
        $top = $this->size($fields['top'], $project);
        $beyond = Length::parse($fields['beyond'], $project->notation->unit());
        $text = fn (Length $length): string => $this->text($length, $project);
        $joint = Length::fraction(1, 2);
        $cloths = [];
        foreach (['whole' => $room->usableWidth, 'wide' => Length::inches(self::WIDE)] as $name => $usable) {
            $backing = Backing::of($top, $usable, $beyond, $joint);
            $cloths[] = __('benchwork.back.'.$name, ['usable' => $text($usable), 'text' => trans_choice(
                $backing->upright ? 'benchwork.back.upright' : 'benchwork.back.level', $backing->widths, [
                    'length' => $text($backing->length),
                ],
            )]);
        }
        $needed = $top->outsetBy($beyond);

        return [
            'needed' => __('benchwork.back.needed', ['width' => $text($needed->width), 'height' => $text($needed->height)]),
            'cloths' => $cloths,
            'batting' => trim($fields['batting']) === '' ? [] : $this->finish->batting(
                $project, $top, $beyond, Length::parse($fields['batting'], $project->notation->unit()),
            ),
            'pieced' => trim($fields['module']) === '' ? [] : $this->pieced($project, $top, $beyond, $fields['module']),
        ];
    }

    /**
     * Blocks that are quilted one by one: the layers of each at three moments, and once the lay-out is open, what the joins take and how
     * large the quilt becomes.
     *
     * @param  array<string, string>  $fields
     * @return array<string, mixed>
     */
    private function quilted(Project $project, array $fields): array
    {
        $quilting = $this->sheets->announcement($project)->quilting;
        if ($quilting === null) {
            throw new MeasureRefused('measured', 'none_quilted');
        }
        $room = $this->cutting->room($project);
        $measured = trim($fields['measured']) === '' ? null : $this->size($fields['measured'], $project, 'measured');
        $layout = $this->sheets->layout($project);
        $grid = $layout === null ? [] : Arrangement::designed($layout)->grid();
        $by = fn (Size $size): string => __('benchwork.quilted.by', [
            'width' => $this->text($size->width, $project), 'height' => $this->text($size->height, $project),
        ]);
        $blocks = [];
        $top = null;
        foreach ($this->sheets->sheets($project, $this->sheets->open($project)) as $sheet) {
            foreach ($sheet->tasks as $task) {
                if ($task->quilting === []) {
                    continue;
                }
                $top = new QuiltedTop(
                    $quilting, $task->finished, max(
                        [0, ...array_column($grid, 0)],
                    ) + 1, max([0, ...array_column($grid, 1)]) + 1, $room, $measured,
                );
                $blocks[] = [
                    'name' => __('benchwork.quilted.block', ['count' => $task->count, 'name' => $task->name]),
                    'layers' => array_map(fn (array $moments): array => array_map($by, $moments), $top->layers),
                    'counted' => trans_choice('benchwork.quilted.counted', $task->count, [
                        'batting' => $by($top->layers['batting'][0]), 'back' => $by($top->layers['back'][0]),
                    ]),
                    'clear' => __(
                        'benchwork.join.clear',
                        [
                            'clear' => $this->text(
                                $task->quilting['clear'] instanceof Length ? $task->quilting['clear'] : Length::zero(), $project,
                            ),
                        ],
                    ),
                ];
            }
        }
        $text = fn (Length $length): string => $this->text($length, $project);

        return [
            'blocks' => $blocks,
            'how' => __(
                'benchwork.quilted.how.'.$quilting->join->value,
                ['allowance' => $text($quilting->allowance), 'half' => $text($quilting->allowance->dividedBy(2))],
            ),
            'edge' => __(
                $quilting->edgeKept ? 'benchwork.quilted.edge_kept' : 'benchwork.quilted.edge_trimmed',
                ['allowance' => $text($quilting->allowance)],
            ),
            'lines' => $layout === null || $top === null ? [__('benchwork.quilted.later')] : array_values(array_filter([
                __('benchwork.join.quilt', [
                    'width' => $text($top->quilt->width), 'height' => $text($top->quilt->height),
                    'blocks_width' => $text($top->alone->width), 'blocks_height' => $text($top->alone->height),
                ]),
                __('benchwork.quilted.joins', [
                    'short' => $top->short, 'short_length' => $text($top->shortLength), 'long' => $top->long, 'long_length' => $text($top->longLength),
                ]),
                $top->stripCut === null ? null : trans_choice('benchwork.quilted.strips', $top->strips, [
                    'cut' => $text($top->stripCut), 'usable' => $text($room->usableWidth),
                ]),
            ])),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function pieced(Project $project, Size $top, Length $beyond, string $typed): array
    {
        $room = $this->cutting->room($project);
        $marks = new Marks($project->notation);
        $module = Length::parse($typed, $project->notation->unit());
        // What the open clues still cut is not for the back.
        $stock = array_merge([], ...array_values($this->cutting->left($project, $this->cutting->of($project))->pieces));
        $names = $project->stock->keyBy('id');
        $slots = $this->sheets->announcement($project)->slots;
        $cloths = $project->colourway($this->sheets->announcement($project))->cloths;
        $text = fn (Length $length): string => $this->text($length, $project);
        $side = fn (int $modules): string => $text($module->times($modules)->plus($room->seam->times(2)));
        $words = new StockText($project->notation, $room->usableWidth);
        $named = function (string $id) use ($names, $slots, $words): string {
            $row = $names[strtok(explode('/', $id)[0], '-') ?: ''] ?? null;

            return $row instanceof StockRow && isset($slots[$row->slot_key]) ? $slots[$row->slot_key]->letter.': '.$words->line($row).(str_contains($id, '/') ? ', '.__('benchwork.back.rest') : '') : $id;
        };
        $plans = [];
        foreach (PiecedBack::proposals($top, $beyond, $module, $stock, $marks, $room) as $back) {
            $none = __('benchwork.back.frame_none');
            $plans[] = [
                'grid' => __('benchwork.back.grid', [
                    'module' => $text($module), 'columns' => $back->columns, 'rows' => $back->rows,
                    'width' => $text($back->middle->width), 'height' => $text($back->middle->height),
                ]),
                'columns' => $back->columns,
                'rows' => $back->rows,
                'boxes' => array_map(fn (BackPart $part, int $index): array => [
                    'x' => $part->column, 'y' => $part->row, 'wide' => $part->wide, 'high' => $part->high, 'number' => $index + 1,
                    'colour' => $cloths[$names[strtok(explode('/', $part->from[0])[0], '-') ?: '']->slot_key ?? '']->colour ?? '#cfd8d3',
                ], $back->parts, array_keys($back->parts)),
                'parts' => array_map(fn (BackPart $part): string => __(count($part->from) > 1 ? 'benchwork.back.joined' : 'benchwork.back.part', [
                    'wide' => $part->wide, 'high' => $part->high, 'width' => $side($part->wide), 'height' => $side($part->high),
                    'from' => implode(' + ', array_map($named, $part->from)),
                ]), $back->parts),
                'missing' => $back->missing === 0 ? __('benchwork.back.complete') : trans_choice('benchwork.back.missing', $back->missing),
                'frame' => $back->frameSides === null && $back->frameEnds === null ? __('benchwork.back.no_frame') : __('benchwork.back.frame', [
                    'sides' => $back->frameSides === null ? $none : $text($back->frameSides),
                    'ends' => $back->frameEnds === null ? $none : $text($back->frameEnds),
                ]),
            ];
        }

        return $plans;
    }

    /**
     * @param  array<string, string>  $fields
     * @return array<string, mixed>
     */
    private function binding(Project $project, array $fields): array
    {
        $room = $this->cutting->room($project);
        $top = $this->size($fields['top'], $project);
        $width = Length::parse($fields['width'], $project->notation->unit());
        if (! $width->isPositive() || ! $room->usableWidth->isGreaterThan($width)) {
            throw new MeasureRefused('width', $width->isPositive() ? 'too_narrow' : 'no_width');
        }
        $around = $top->width->plus($top->height)->times(2);
        $wanted = $around->plus(Length::inches(Binding::MORE));
        $straight = Binding::of($around, $width, $room->usableWidth);
        $text = fn (Length $length): string => $this->text($length, $project);
        $lines = [
            __('benchwork.binding.wanted', ['around' => $text($around), 'wanted' => $text($wanted)]),
            trans_choice('benchwork.binding.straight', $straight->strips, [
                'width' => $text($width), 'usable' => $text($room->usableWidth), 'length' => $text($straight->length),
            ]),
        ];
        if (trim($fields['cloth']) !== '') {
            $cloth = $this->size($fields['cloth'], $project, 'cloth');
            $bias = BiasBinding::from($cloth, $width, $room->seam);
            $enough = BiasBinding::enough($cloth, $width, $room->seam, $wanted);
            $lines[] = __('benchwork.binding.bias', [
                'cloth' => $text($cloth->width).' × '.$text($cloth->height), 'strips' => $bias->strips,
                'length' => $text(Length::approximately(floor($bias->length * 8) / 8)),
            ]);
            $lines[] = $enough === null
                ? __(
                    'benchwork.binding.short',
                    ['short' => $text(Length::approximately(ceil(($wanted->toFloat() - $bias->length) * 8) / 8))],
                )
                : __('benchwork.binding.enough', ['strips' => $enough->strips]);
        }

        return [
            'lines' => $lines, 'remnants' => $this->remnants($project, $width, $straight), 'sleeve' => $this->finish->sleeve($project, $top, $room),
        ];
    }

    /**
     * Which pieces of her own cloth give all strips of a straight binding: strips are cut across, as long as the piece is wide.
     *
     * @return list<string>
     */
    private function remnants(Project $project, Length $width, Binding $straight): array
    {
        $room = $this->cutting->room($project);
        $words = new StockText($project->notation, $room->usableWidth);
        $slots = $this->sheets->announcement($project)->slots;
        $found = [];
        foreach ($project->stock->where('gone_at', null) as $row) {
            $stock = $row->stock($room->usableWidth, false);
            $long = $stock->width->isLessThan($stock->length) ? $stock->length : $stock->width;
            $high = $stock->width->isLessThan($stock->length) ? $stock->width : $stock->length;
            // The same rule as for whole cloth: n strips give n · length − (n − 1) · width.
            $strips = $long->isGreaterThan($width) ? LongStrips::strip($straight->wanted(), $width, $long) : PHP_INT_MAX;
            if ($strips <= $high->countOf($width) * $row->count && isset($slots[$row->slot_key])) {
                $found[] = __('benchwork.binding.fits', ['cloth' => $slots[$row->slot_key]->letter.': '.$words->line($row)]);
            }
        }

        return $found;
    }

    /** The finished top as she measured it, with its borders, or as it is announced. */
    private function top(Project $project): ?Size
    {
        $announced = $project->size_later ? null : ($this->sheets->announcement($project)->sizes[$project->size_key] ?? null)?->finished;
        try {
            $fields = $project->bench['borders'] ?? [];
            if (isset($fields['widths'], $fields['heights'])) {
                $room = $this->cutting->room($project);
                $top = new TopMeasure(
                    $this->lengths($fields['widths'], $project, 'widths'), $this->lengths($fields['heights'], $project, 'heights'),
                );
                $widths = $this->widths($project, $fields['borders'] ?? '');
                $measured = (new Size($top->width(), $top->height()))->outsetBy(Length::sum($widths))->outsetBy($room->seam->negated());

                return $announced !== null && $this->isAsMeasured($measured, $announced, $project) ? $announced : $measured;
            }
        } catch (MeasureException|MeasureRefused) {
            // What was kept by another release may be refused by this one.
        }

        return $announced;
    }

    /** Whether a measured size differs from another by no more than a tape can tell: then it is that size. */
    private function isAsMeasured(Size $measured, Size $size, Project $project): bool
    {
        $step = $project->notation->fineStep();

        return ! $measured->width->minus($size->width)->absolute()->isGreaterThan($step)
            && ! $measured->height->minus($size->height)->absolute()->isGreaterThan($step);
    }

    /**
     * Finished widths of borders as they were written; of what the design says itself, as exactly as the design says it.
     *
     * @return list<Length>
     *
     * @throws MeasureException|MeasureRefused
     */
    private function widths(Project $project, string $written): array
    {
        return match (trim($written)) {
            '' => [],
            $this->bordersText($project) => $this->designed($project),
            default => $this->lengths($written, $project, 'border'),
        };
    }

    private function bordersText(Project $project): string
    {
        $texts = array_map(fn (Length $width): string => $this->text($width, $project), $this->designed($project));

        // In a field stand plain spaces, as somebody would type them.
        return strtr(implode(', ', $texts), ["\u{a0}" => ' ', "\u{202f}" => ' ', "\u{2009}" => ' ']);
    }

    /**
     * Finished widths of the plain borders in the clues that are open, from the inside out; a pieced one ends them.
     *
     * @return list<Length>
     */
    private function designed(Project $project): array
    {
        $widths = [];
        foreach ($this->borderTasks($project) as $task) {
            if (! $task->kind->is(PutTogether::LONG_STRIPS)) {
                break;
            }
            $widths[] = $task->making->pieces[0]->width->exact->minus($task->room->seam->times(2));
        }

        return $widths;
    }

    /** @return list<TaskSheet> the borders that are open, in the order in which they are made */
    private function borderTasks(Project $project): array
    {
        if ($project->size_later) {
            return [];
        }
        $sheets = once(fn (): array => $this->sheets->sheets($project, $this->sheets->open($project)));

        return array_values(array_filter(
            array_merge(...array_map(fn (ClueSheet $sheet): array => array_values($sheet->tasks), $sheets)),
            fn (TaskSheet $task): bool => str_starts_with($task->makes[0] ?? '', 'border:'),
        ));
    }

    /**
     * What the top measures by the pattern before its borders: the announced quilt without the borders she names, with a seam all round.
     *
     * @param  list<Length>  $borders
     */
    private function pattern(Project $project, array $borders): ?Size
    {
        $announced = $project->size_later ? null : $this->sheets->announcement($project)->sizes[$project->size_key] ?? null;
        if ($announced === null) {
            return null;
        }
        $room = $this->cutting->room($project);

        return $announced->finished->outsetBy(Length::sum($borders)->negated())->outsetBy($room->seam);
    }

    /**
     * @return non-empty-list<Length>
     *
     * @throws MeasureException|MeasureRefused
     */
    private function lengths(string $typed, Project $project, string $field): array
    {
        $texts = LengthParser::texts($typed, $project->notation->unit());
        if (count($texts) > ($field === 'border' ? self::MOST_BORDERS : self::MOST)) {
            throw new MeasureRefused($field, 'two_numbers');
        }

        return array_map(fn (string $text): Length => Length::parse($text, $project->notation->unit()), $texts);
    }

    /** @throws MeasureException|MeasureRefused */
    private function size(string $typed, Project $project, string $field = 'top'): Size
    {
        [$width, $height] = [...preg_split('/\s*[x×]\s*/u', trim($typed), 2) ?: [], ''];
        $size = new Size(Length::parse($width, $project->notation->unit()), Length::parse($height, $project->notation->unit()));
        if ($field === 'top') {
            new TopMeasure([$size->width], [$size->height]);
        }

        return $size;
    }

    private function text(Length $length, Project $project): string
    {
        return Figure::text(Measurement::setting($length->nearestTo($project->notation->fineStep())), $project->notation);
    }
}
