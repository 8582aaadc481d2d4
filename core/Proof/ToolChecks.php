<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\DesignClue;
use Dew\Core\Design\SizedDesign;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;

/** Whether every tool is named before the week in which it is needed, in the size that it must have. */
final readonly class ToolChecks
{
    /** @return list<Finding> */
    public static function of(Subject $subject): array
    {
        $findings = [];
        $named = self::ahead($subject);
        foreach (array_values($subject->design->clues) as $number => $clue) {
            foreach ($clue->words->tools as $tool) {
                $name = mb_strtolower(trim($tool->name));
                $size = $tool->atLeast ?? Length::zero();
                if ($number > 0 && (! isset($named[$name]) || $size->isGreaterThan($named[$name]))) {
                    $lengths = $tool->atLeast === null ? [] : ['size' => $tool->atLeast];
                    $findings[] = new Finding('tool-late', Severity::Note, '/clues/'.$number, ['tool' => $tool->name], $lengths, [
                        'number' => $number + 1,
                    ]);
                }
                $named[$name] = isset($named[$name]) && $named[$name]->isGreaterThan($size) ? $named[$name] : $size;
            }
        }

        return [...$findings, ...self::growing($subject)];
    }

    /** @return array<string, Length> tools that members collect before the first clue, by name */
    private static function ahead(Subject $subject): array
    {
        $named = [];
        foreach ($subject->design->prepare->tools as $tool) {
            $named[mb_strtolower(trim($tool->name))] = $tool->atLeast ?? Length::zero();
        }

        return $named;
    }

    /**
     * A square ruler that must be larger in some clue than in all before it is too small on the day for who bought the first: see
     * {@see \Dew\Core\Sheet\ClueSheet::tools()} for what asks for one.
     *
     * @return list<Finding>
     */
    private static function growing(Subject $subject): array
    {
        $findings = [];
        foreach ($subject->sizes() as $sized) {
            $largest = null;
            foreach (array_values($subject->design->clues) as $number => $clue) {
                $needs = self::squareOf($clue, $sized, $subject);
                if ($needs !== null && $largest !== null && $needs->isGreaterThan($largest)) {
                    $findings[$number] ??= new Finding('tool-grows', Severity::Note, '/clues/'.$number, ['size' => $sized->size->name], [
                        'needs' => $needs, 'before' => $largest,
                    ], ['number' => $number + 1]);
                }
                $largest = $needs !== null && ($largest === null || $needs->isGreaterThan($largest)) ? $needs : $largest;
            }
        }

        return array_values($findings);
    }

    /** The side of the largest half-square triangle that a clue trims at a size. */
    private static function squareOf(DesignClue $clue, SizedDesign $sized, Subject $subject): ?Length
    {
        $largest = null;
        foreach ($clue->tasks as $task) {
            $unit = $task->count($sized) > 0 ? $sized->product($task->product) : null;
            if ($unit !== null && $unit->kind()->trimsWithSquare) {
                $side = Measurement::up($subject->compilation->work($unit)->unfinished()->width)->in(Notation::Fractions);
                $largest = $largest === null || $side->isGreaterThan($largest) ? $side : $largest;
            }
        }

        return $largest;
    }
}
