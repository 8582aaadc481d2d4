<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use Dew\Core\Making\Step;

/** Names for the steps of a task that stay the same while the method does: the step's code, and its number where a code comes again. */
final class StepNames
{
    /**
     * @param  list<Step>  $steps
     * @return array<string, Step>
     */
    public static function of(array $steps): array
    {
        $named = $times = [];
        foreach ($steps as $step) {
            $times[$step->code] = ($times[$step->code] ?? 0) + 1;
            $named[$times[$step->code] === 1 ? $step->code : $step->code.'#'.$times[$step->code]] = $step;
        }

        return $named;
    }
}
