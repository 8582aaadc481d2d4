<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Split\Ledger;
use Dew\Core\Split\LedgerProblem;
use Dew\Core\Split\MakingGraph;

/** Whether everything is made by the clue that needs it. */
final readonly class ClueChecks
{
    /** @return list<Finding> */
    public static function of(Subject $subject): array
    {
        $findings = [];
        foreach ($subject->sizes() as $sized) {
            $graph = MakingGraph::of($subject->compilation, $sized->size->id);
            foreach (Ledger::of($subject->design, $graph)->problems as $problem) {
                if ($problem->code === LedgerProblem::EARLY) {
                    $findings[$problem->product.' '.$problem->by] ??= new Finding(
                        'task-too-early',
                        Severity::Warning,
                        '/clues/'.$problem->clue,
                        ['unit' => $graph->works[$problem->product]->name ?? $problem->product],
                        counts: ['done' => $problem->clue + 1, 'made' => $problem->needed + 1],
                    );
                }
                if ($problem->code === LedgerProblem::LATE && $problem->by !== null) {
                    $findings[$problem->product.' '.$problem->by] ??= new Finding(
                        $problem->clue === $problem->needed ? 'made-behind' : 'made-too-late',
                        Severity::Warning,
                        '/clues/'.$problem->clue,
                        ['unit' => $graph->works[$problem->product]->name, 'by' => $graph->works[$problem->by]->name],
                        counts: ['made' => $problem->clue + 1, 'needed' => $problem->needed + 1],
                    );
                }
            }
        }

        return array_values($findings);
    }
}
