<?php

declare(strict_types=1);

namespace App\Presentation\Member\Bench;

use App\Models\Project;
use App\Models\StockRow;
use App\Plans\Cloth\MemberCutting;
use App\Plans\ReleasedSheets;
use App\Presentation\Member\StockText;
use Dew\Core\Bench\BackPart;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Bench\PiecedBack;
use Dew\Core\Cutting\Backing;
use Dew\Core\Cutting\Marks;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** The back and the batting. */
final readonly class BackWork implements BenchTask
{
    /** Usable width of wide backing cloth, its selvedges off. */
    private const WIDE = 106;

    /** Width of batting off the roll, in inches. */
    private const BATTING = 90;

    public function __construct(
        private MemberCutting $cutting,
        private ReleasedSheets $sheets,
        private QuiltMeasures $measures,
    ) {
    }

    public function fields(Project $project): array
    {
        return [
            'top' => $this->measures->topText($project), 'beyond' => $this->measures->text(Length::inches(4), $project), 'module' => '',
            'batting' => $this->measures->text(Length::inches(self::BATTING), $project),
        ];
    }

    public function result(Project $project, array $fields): array
    {
        $room = $this->cutting->room($project);
        $top = $this->measures->size($fields['top'], $project);
        $beyond = Length::parse($fields['beyond'], $project->notation->unit());
        $text = fn (Length $length): string => $this->measures->text($length, $project);
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
            'batting' => trim($fields['batting']) === '' ? [] : $this->batting(
                $project, $top, $beyond, Length::parse($fields['batting'], $project->notation->unit()),
            ),
            'pieced' => trim($fields['module']) === '' ? [] : $this->pieced($project, $top, $beyond, $fields['module']),
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
        $text = fn (Length $length): string => $this->measures->text($length, $project);
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

    /** @return list<string> what the batting measures, and from which widths it comes */
    private function batting(Project $project, Size $top, Length $beyond, Length $width): array
    {
        if (! $width->isPositive()) {
            throw new MeasureRefused('batting', 'no_width');
        }
        $back = Backing::of($top, $width, $beyond, Length::zero());
        $text = fn (Length $length): string => $this->measures->text($length, $project);

        return [
            __('benchwork.batting.needed', ['width' => $text($back->size->width), 'height' => $text($back->size->height)]),
            trans_choice('benchwork.batting.'.($back->upright ? 'upright' : 'level'), $back->widths, [
                'usable' => $text($width), 'length' => $text($back->length),
            ]),
        ];
    }
}
