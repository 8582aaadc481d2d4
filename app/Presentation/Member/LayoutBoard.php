<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Drawing\LayoutPicture;
use App\Models\ArrangementRow;
use App\Models\Progress;
use App\Models\Project;
use App\Plans\MemberLayout;
use App\Plans\ReleasedSheets;
use Dew\Core\Fabric\Slot;
use Dew\Core\Press\PressModel;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Top\Arrangement;
use Dew\Core\Top\LayoutWarning;

/** The blocks of a quilt laid out in somebody's own cloth, with what to look at again, what is missing, and other arrangements. */
final readonly class LayoutBoard
{
    public function __construct(
        private MemberLayout $layout,
        private ReleasedSheets $sheets,
        private Drawn $drawn,
    ) {
    }

    /** @return array<string, mixed>|null null while it is not open, or where the design offers no such thing */
    public function of(Project $project, string $other = '', bool $print = false): ?array
    {
        $sheet = $this->layout->sheet($project, $other);
        if ($sheet === null) {
            return null;
        }
        $kept = $this->layout->kept($project, $other);
        $row = $kept->firstWhere('chosen', true);
        $arrangement = $this->layout->arrangement($sheet, $row);
        $announcement = $this->sheets->announcement($project);
        $colourway = $project->colourway($announcement);
        $labels = $arrangement->labels();
        $others = $row === null ? PressModel::others($sheet->placements, $sheet->copies) : [];
        $whole = $other === '' ? $sheet : ($this->layout->sheet($project) ?? $sheet);

        return [
            'sheet' => $sheet,
            'other' => $other,
            'also' => $whole->also,
            'picture' => LayoutPicture::of($sheet, $arrangement->placements(), $colourway),
            'plain' => $print ? LayoutPicture::of($sheet, $arrangement->placements(), $colourway, plain: true) : null,
            'labels' => $labels,
            'names' => array_map(
                fn (int $place): string => __('layout.place', [
                    'place' => $labels[$place], 'block' => $sheet->names[$arrangement->laid[$place]->product] ?? '',
                ]).(($others[$place] ?? false) ? __('layout.other_way') : ''),
                array_keys($arrangement->laid),
            ),
            'grid' => $arrangement->grid(),
            'row' => $row,
            'kept' => $kept->map(fn (ArrangementRow $one): array => [
                'row' => $one,
                'picture' => LayoutPicture::of($sheet, $this->layout->arrangement($sheet, $one)->placements(), $colourway, 'k'.$one->id),
            ])->all(),
            'designed' => $kept->isEmpty() ? null : LayoutPicture::of($sheet, $sheet->placements, $colourway, 'd'),
            'warnings' => $this->warnings($project, $sheet, $arrangement),
            'missing' => $this->missing($project, $whole),
        ];
    }

    /** @return list<string> sentences */
    public function warnings(Project $project, LayoutSheet $sheet, Arrangement $arrangement): array
    {
        $slots = $this->sheets->announcement($project)->slots;
        $labels = $arrangement->labels();

        return array_map(fn (LayoutWarning $warning): string => __('layout.warning.'.$warning->code, [
            'first' => $labels[$warning->first],
            'second' => $warning->second === null ? '' : $labels[$warning->second],
            'block' => $sheet->names[$arrangement->laid[$warning->first]->product] ?? '',
            'fabric' => $this->fabric($slots, $warning->slot),
        ]), $arrangement->warnings($project->oneWayFabrics()));
    }

    /** @param  array<string, Slot>  $slots */
    private function fabric(array $slots, ?string $slot): string
    {
        return $slot === null || ! isset($slots[$slot]) ? '' : $slots[$slot]->letter.' '.$slots[$slot]->name;
    }

    /** @return list<string> sentences: which blocks of which clue she has not counted as made */
    private function missing(Project $project, LayoutSheet $sheet): array
    {
        /**
         * @var list<list<array{task: string, digest: string, makes: list<string>, name: string, count: int, number: int, title: string}>>
         * $clues
         */
        $clues = $this->drawn->ofOpenClues($project, 'blocks of the layout', fn (ClueSheet $clue): array => array_map(
            fn (TaskSheet $task): array => [
                'task' => $task->task, 'digest' => $task->digest, 'makes' => $task->makes, 'name' => $task->name, 'count' => $task->count,
                'number' => $clue->number, 'title' => $clue->title,
            ], $clue->tasks,
        ));
        $done = Progress::made($project);
        $missing = [];
        foreach (array_merge(...$clues) as $task) {
            $left = $task['count'] - ($done[$task['task'].' '.$task['digest']] ?? 0);
            if ($left > 0 && array_intersect($task['makes'], array_map(strval(...), array_keys($sheet->names))) !== []) {
                $missing[] = __('layout.missing_line', [
                    'count' => $left, 'block' => $task['name'], 'number' => $task['number'], 'title' => $task['title'],
                ]);
            }
        }

        return $missing;
    }
}
