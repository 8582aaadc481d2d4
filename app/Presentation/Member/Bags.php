<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Drawing\Picture;
use App\Drawing\UnitPicture;
use App\Models\Progress;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Wording\Figure;
use App\Wording\SizeKind;
use Dew\Core\Sheet\ClueSheet;

/** What lies in a member's bags. */
final readonly class Bags
{
    public function __construct(
        private Drawn $drawn,
        private ReleasedSheets $sheets,
    ) {
    }

    /**
     * Units trimmed so far, one bag for each kind, and what came out besides.
     *
     * @return list<Bag>
     */
    public function of(Project $project): array
    {
        $pictures = null;
        $draw = function (ClueSheet $sheet) use (&$pictures, $project): array {
            $pictures ??= $this->pictures($project);

            return $this->bags($sheet, $pictures, $project);
        };
        $clues = $this->drawn->ofOpenClues($project, 'bags', $draw);
        $trimmed = Progress::made($project);
        $bags = [];
        foreach ($clues as $clue) {
            /** @var array{made: string, name: string, number: int, total: int, besides: bool, picture: string, figure: string} $bag */
            foreach ($clue as $bag) {
                $done = $trimmed[$bag['made']] ?? 0;
                $bags[] = new Bag(
                    $bag['name'],
                    $bag['number'],
                    $bag['besides'] ? min($done, $bag['total']) : $done,
                    $bag['total'],
                    $bag['picture'],
                    $bag['figure'],
                );
            }
        }

        return $bags;
    }

    private function pictures(Project $project): UnitPicture
    {
        $announcement = $this->sheets->announcement($project);

        return new UnitPicture($project->colourway($announcement), $announcement->slots);
    }

    /** @return list<array{made: string, name: string, number: int, total: int, besides: bool, picture: string, figure: string}> */
    private function bags(ClueSheet $sheet, UnitPicture $pictures, Project $project): array
    {
        $bags = [];
        foreach ($sheet->tasks as $task) {
            $bag = fn (string $name, int $total, Picture $picture, bool $besides = false): array => [
                'made' => $task->task.' '.$task->digest,
                'name' => $name,
                'number' => $sheet->number,
                'total' => $total,
                'besides' => $besides,
                'picture' => view('member.bag-picture', ['picture' => $picture])->render(),
                'figure' => view('member.bag-figure', [
                    'figure' => Figure::of($task->trimWidth(), SizeKind::Unfinished, $project->notation),
                ])->render(),
            ];
            $bags[] = $bag($task->name, $task->count, $pictures->unit($task));
            if ($task->byproduct !== null) {
                $bags[] = $bag(
                    $task->byproduct->name ?? __('tasks.byproduct.name', ['unit' => $task->name]),
                    $task->byproduct->count,
                    $pictures->part($task->name, $task->byproduct->patches, $task->byproduct->finished),
                    besides: true,
                );
            }
        }

        return $bags;
    }
}
