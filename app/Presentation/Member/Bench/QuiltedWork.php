<?php

declare(strict_types=1);

namespace App\Presentation\Member\Bench;

use App\Models\Project;
use App\Plans\Cloth\MemberCutting;
use App\Plans\ReleasedSheets;
use App\Wording\Sentence;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Bench\QuiltedTop;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Top\Arrangement;

/** Blocks that are quilted one by one: the layers of each at three moments, and once the layout is open, what the joins take and how large the quilt becomes. */
final readonly class QuiltedWork implements BenchTask
{
    public function __construct(
        private MemberCutting $cutting,
        private ReleasedSheets $sheets,
        private QuiltMeasures $measures,
    ) {
    }

    public function fields(Project $project): array
    {
        return ['measured' => ''];
    }

    public function result(Project $project, array $fields): array
    {
        $quilting = $this->sheets->announcement($project)->quilting;
        if ($quilting === null) {
            throw new MeasureRefused('measured', 'none_quilted');
        }
        $room = $this->cutting->room($project);
        $measured = trim($fields['measured']) === '' ? null : $this->measures->size($fields['measured'], $project, 'measured');
        $layout = $this->sheets->layout($project);
        $grid = $layout === null ? [] : Arrangement::designed($layout)->grid();
        $by = fn (Size $size): string => __('benchwork.quilted.by', [
            'width' => $this->measures->text($size->width, $project), 'height' => $this->measures->text($size->height, $project),
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
                            'clear' => $this->measures->text(
                                $task->quilting['clear'] instanceof Length ? $task->quilting['clear'] : Length::zero(), $project,
                            ),
                        ],
                    ),
                ];
            }
        }
        $text = fn (Length $length): string => $this->measures->text($length, $project);

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
                    'short' => Sentence::list(array_map(fn (array $joins): string => __(
                        'benchwork.quilted.of_length', ['count' => $joins[0], 'length' => $text($joins[1])],
                    ), $top->short) ?: ['0']), 'long' => $top->long, 'long_length' => $text($top->longLength),
                ]),
                $top->stripCut === null ? null : trans_choice('benchwork.quilted.strips', $top->strips, [
                    'cut' => $text($top->stripCut), 'usable' => $text($room->usableWidth),
                ]),
            ])),
        ];
    }
}
