<?php

declare(strict_types=1);

namespace App\Presentation\Member\Bench;

use App\Models\Project;
use App\Plans\Cloth\MemberCutting;
use Dew\Core\Bench\BorderCorner;
use Dew\Core\Bench\BorderRound;
use Dew\Core\Bench\Borders;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Bench\PiecedBorder;
use Dew\Core\Bench\TopMeasure;
use Dew\Core\Measure\Length;
use Dew\Core\Unit\Kind\PutTogether;
use Dew\Core\Unit\Kind\UnitLibrary;

/** Borders from what the top measures. */
final readonly class BordersWork implements BenchTask
{
    /** Finished inches below which a plain strip beside a pieced border cannot be sewn well. */
    private const LEAST_COPING = [1, 2];

    /** Each border has the corners that the design gives it. */
    private const AS_DESIGNED = 'pattern';

    public function __construct(
        private MemberCutting $cutting,
        private QuiltMeasures $measures,
    ) {
    }

    public function fields(Project $project): array
    {
        return [
            'widths' => '', 'heights' => '', 'diagonals' => '', 'borders' => $this->measures->bordersText($project),
            'corner' => self::AS_DESIGNED, 'unit' => '',
        ];
    }

    public function result(Project $project, array $fields): array
    {
        $room = $this->cutting->room($project);
        $diagonals = trim($fields['diagonals']) === '' ? null : $this->measures->lengths($fields['diagonals'], $project, 'diagonals');
        if ($diagonals !== null && count($diagonals) !== 2) {
            throw new MeasureRefused('diagonals', 'diagonals');
        }
        $top = new TopMeasure(
            $this->measures->lengths($fields['widths'], $project, 'widths'), $this->measures->lengths($fields['heights'], $project, 'heights'), $diagonals,
            $project->notation,
        );
        $widths = $this->measures->widths($project, $fields['borders']);
        $corner = BorderCorner::tryFrom($fields['corner']);
        $corners = $corner === null ? $this->measures->corners($project) : array_map(fn (): BorderCorner => $corner, $widths);
        $rounds = $widths === [] ? [] : Borders::of(
            $top, $widths, $corners, $room, $room->usableWidth, $project->methods()->for(UnitLibrary::kind(PutTogether::LONG_STRIPS))->is(PutTogether::LONG_STRIPS_STRAIGHT),
        );
        $pattern = $this->measures->pattern($project, $widths);
        $text = fn (Length $length): string => $this->measures->text($length, $project);
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
                'order' => __('benchwork.ends_first.'.$round->corner->value),
                'corners' => $round->corners === null ? null : __('benchwork.corners', ['size' => $text($round->corners)]),
                'after' => __('benchwork.after', ['width' => $text($round->after->width), 'height' => $text($round->after->height)]),
            ], $rounds, array_keys($rounds)),
            'pieced' => null,
        ];
        if (trim($fields['unit']) !== '') {
            $unit = $this->measures->lengths($fields['unit'], $project, 'border')[0];
            $fit = PiecedBorder::of($top, $unit, Length::fraction(...self::LEAST_COPING), $room, $project->notation);
            $seams = $room->seam->times(2);
            $result['pieced'] = [
                __('benchwork.pieced', ['unit' => $text($unit), 'down' => $fit->down, 'across' => $fit->across]),
                ...$fit->sideCoping[0]->isZero() && $fit->endCoping[0]->isZero() ? [__('benchwork.no_coping')] : [
                    __('benchwork.coping'),
                    ...array_values(array_filter(array_map(fn (string $side, Length $finished): ?string => $finished->isZero() ? null : __(
                        'benchwork.coping_strip.'.$side, ['finished' => $text($finished), 'cut' => $text($finished->plus($seams))],
                    ), ['left', 'right', 'top', 'bottom'], [...$fit->sideCoping, ...$fit->endCoping]))),
                ],
            ];
        }

        return $result;
    }
}
