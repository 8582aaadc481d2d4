<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Clue;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\StepView;
use App\Support\Markdown;
use Dew\Core\Making\StepKind;
use Dew\Core\Plan\ClueSheet;
use Dew\Core\Plan\TaskSheet;
use Dew\Core\Unit\PieceShape;

/**
 * What a clue begins with: what earlier open clues made for it and what the last one made, how it was pressed, and where it waits. Clues
 * that are not open do not exist for it.
 */
final readonly class Recap
{
    public function __construct(
        private Drawn $drawn,
        private ReleasedSheets $sheets,
    ) {
    }

    /** HTML; empty where there is nothing to say. */
    public function html(Project $project, Clue $clue): string
    {
        if ($clue->number < 2) {
            return '';
        }
        /** @var array{html: string} $kept */
        $kept = $this->drawn->ofQuilt($project, 'recap of '.$clue->number, fn (): array => ['html' => $this->draw($project, $clue)]);

        return $kept['html'];
    }

    private function draw(Project $project, Clue $clue): string
    {
        $sheet = $this->sheets->sheet($project, $clue);
        $lines = [];
        $last = true;
        foreach ($this->sheets->open($project)->filter(fn (Clue $one): bool => $one->number < $clue->number)->sortByDesc('number') as $earlier) {
            $before = $this->sheets->sheet($project, $earlier);
            $page = CluePage::forReading($before, $this->sheets->announcement($project), $project);
            $views = $page->tasks();
            foreach ($before->tasks as $index => $task) {
                $now = self::usedIn($sheet, $task);
                if ($now || $last) {
                    $lines[] = [
                        'name' => $task->name,
                        'count' => $task->count,
                        'clue' => $earlier->number,
                        'picture' => $views[$index]->picture,
                        'pressed' => array_values(array_map(
                            fn (StepView $step): string => $step->text,
                            array_filter($views[$index]->steps, fn (StepView $step): bool => $step->kind === StepKind::Press->value),
                        )),
                        'now' => $now,
                    ];
                }
            }
            $last = $last && $before->tasks === [];
        }
        $added = Markdown::html($sheet->words->recap);

        return $lines === [] && $added->isEmpty() ? '' : view('member.recap', ['lines' => $lines, 'added' => $added])->render();
    }

    /** Whether a clue takes what a task of an earlier one made. */
    private static function usedIn(ClueSheet $sheet, TaskSheet $task): bool
    {
        foreach ($sheet->tasks as $later) {
            foreach ($later->making->pieces as $piece) {
                if ($piece->shape === PieceShape::Part && in_array($piece->id, $task->makes, true)) {
                    return true;
                }
            }
        }

        return false;
    }
}
