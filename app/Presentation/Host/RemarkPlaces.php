<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\StepView;
use App\Presentation\Shared\TaskView;
use Illuminate\Support\Str;

/** What of a clue a tester can say something about: how many of a thing, its size, each of its steps. */
final class RemarkPlaces
{
    private const LONGEST = 180;

    private const STEP = 90;

    /** @return array<string, list<string>> by the name of the task */
    public static function of(CluePage $page): array
    {
        $places = [];
        foreach ($page->tasks() as $task) {
            $places[$task->name] = array_map(fn (string $place): string => Str::limit($place, self::LONGEST), [
                __('remarks.counted', ['task' => $task->name]),
                __('remarks.unfinished', ['task' => $task->name, 'size' => $task->unfinished->number.' '.$task->unfinished->unit]),
                ...self::steps($task),
            ]);
        }
        foreach ($page->chores() as $chore) {
            $places[$chore->name] = [Str::limit($chore->name, self::LONGEST)];
        }

        return $places;
    }

    /** @return list<string> */
    private static function steps(TaskView $task): array
    {
        return array_map(
            fn (StepView $step, int $index): string => $task->name.', '.($index + 1).': '.Str::limit($step->text, self::STEP),
            $task->steps,
            array_keys($task->steps),
        );
    }
}
