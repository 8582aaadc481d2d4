<?php

declare(strict_types=1);

namespace Dew\Core\Compile;

use Dew\Core\Design\Compilation;
use Dew\Core\Design\Task;

/** Which clue is the first for which something must be decided. Counted from 1; one more than there are clues when none needs it. */
final class Decisions
{
    /**
     * The first clue whose work is not the same at every size: another count, another finished size, or a task that only some sizes have.
     */
    public static function clueThatNeedsSize(Compilation $compilation): int
    {
        return self::first($compilation, function (Task $task) use ($compilation): bool {
            $same = [];
            foreach ($compilation->sizes() as $sized) {
                $unit = $sized->product($task->product);
                $same[$task->count($sized).' '.($unit === null ? '' : $compilation->work($unit)->digest())] = true;
            }

            return count($same) > 1;
        });
    }

    /** The first clue that cuts from a fabric, at any size. */
    public static function clueThatNeedsFabric(Compilation $compilation, string $slot): int
    {
        return self::first($compilation, function (Task $task) use ($compilation, $slot): bool {
            foreach ($compilation->sizes() as $sized) {
                $unit = $sized->product($task->product);
                foreach ($unit === null || $task->count($sized) < 1 ? [] : $compilation->usualMaking($unit)->pieces as $piece) {
                    if ($piece->isCloth() && in_array($slot, $piece->slots, true)) {
                        return true;
                    }
                }
            }

            return false;
        });
    }

    /** @param  callable(Task): bool  $needs */
    private static function first(Compilation $compilation, callable $needs): int
    {
        $clues = array_values($compilation->design->clues);
        foreach ($clues as $index => $clue) {
            if (array_filter($clue->tasks, $needs) !== []) {
                return $index + 1;
            }
        }

        return count($clues) + 1;
    }
}
