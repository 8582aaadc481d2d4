<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Support\Markdown;
use Dew\Core\Making\StepKind;
use Dew\Core\Plan\ClueSheet;
use Dew\Core\Plan\TaskSheet;
use Dew\Core\Unit\PieceShape;

/** What earlier clues made for a clue and what the last one made, how it was pressed, and where it waits. */
final class RecapLines
{
    /**
     * @param  list<CluePage>  $earlier  the clues before it that its reader knows, the latest first
     * @return string HTML; empty where there is nothing to say
     */
    public static function html(ClueSheet $sheet, array $earlier): string
    {
        $lines = [];
        $last = true;
        foreach ($earlier as $page) {
            $views = $page->tasks();
            foreach ($page->sheet->tasks as $index => $task) {
                $now = self::usedIn($sheet, $task);
                if ($now || $last) {
                    $lines[] = [
                        'name' => $task->name,
                        'count' => $task->count,
                        'clue' => $page->sheet->number,
                        'picture' => $views[$index]->picture,
                        'pressed' => array_values(array_map(
                            fn (StepView $step): string => $step->text,
                            array_filter($views[$index]->steps, fn (StepView $step): bool => $step->kind === StepKind::Press->value),
                        )),
                        'now' => $now,
                    ];
                }
            }
            $last = $last && $page->sheet->tasks === [];
        }
        $added = Markdown::html($sheet->words->recap);

        return $lines === [] && $added->isEmpty() ? '' : view('clue.recap', ['lines' => $lines, 'added' => $added])->render();
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
