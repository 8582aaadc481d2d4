<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Plan\Whole\SizeCompiler;
use Dew\Core\Unit\MethodChoices;

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
                    $findings[] = new Finding('tool-late', Severity::Note, '/clues/'.$number, ['tool' => $tool->name], $tool->atLeast === null ? [] : [
                        'size' => $tool->atLeast,
                    ], [
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
     * A ruler that must be larger in some clue than in all before it is too small on the day for who bought the first.
     *
     * @return list<Finding>
     */
    private static function growing(Subject $subject): array
    {
        $findings = [];
        foreach ($subject->sizes() as $sized) {
            $compiler = new SizeCompiler($subject->design, $sized->size->id);
            $largest = [];
            foreach (array_map(strval(...), array_keys($subject->design->clues)) as $number => $clue) {
                foreach ($compiler->clue($clue, MethodChoices::defaults($subject->design->methods))->tools() as $tool) {
                    $needs = $tool->atLeast?->in(Notation::Fractions);
                    if ($tool->code !== 'square' || $needs === null) {
                        continue;
                    }
                    if (isset($largest[$tool->code]) && $needs->isGreaterThan($largest[$tool->code])) {
                        $findings[$number] ??= new Finding('tool-grows', Severity::Note, '/clues/'.$number, ['size' => $sized->size->name], [
                            'needs' => $needs, 'before' => $largest[$tool->code],
                        ], ['number' => $number + 1]);
                    }
                    $largest[$tool->code] = isset($largest[$tool->code]) && $largest[$tool->code]->isGreaterThan($needs)
                        ? $largest[$tool->code] : $needs;
                }
            }
        }

        return array_values($findings);
    }
}
