<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\Design;
use Dew\Core\Measure\MeasureException;
use InvalidArgumentException;

/** Reads the clues of a design like somebody who has to sew them week by week: loads, tools, words, secrets and dates. */
final class ClueProof
{
    /**
     * @param  bool  $isSecret  whether what is to come is kept from members
     * @param  array<string, int>  $days  from the opening of a clue to that of the next one, by the id of the clue, where both are known
     * @return list<Finding> in the order of the clues
     *
     * @throws InvalidArgumentException|MeasureException when something in the design cannot be made
     */
    public static function of(Design $design, bool $isSecret = true, array $days = []): array
    {
        $subject = new Subject($design);
        $findings = [
            ...LoadChecks::of($subject, $days),
            ...self::missingWords($design),
            ...ToolChecks::of($subject),
            ...QuotedChecks::of($subject),
            ...$isSecret ? SecretChecks::of($subject) : [],
        ];
        usort($findings, fn (Finding $one, Finding $other): int => (int) substr($one->place, 7) <=> (int) substr($other->place, 7));

        return $findings;
    }

    /** @return list<Finding> */
    private static function missingWords(Design $design): array
    {
        $findings = [];
        foreach (array_values($design->clues) as $number => $clue) {
            if (trim($clue->introduction) === '') {
                $findings[] = new Finding('no-opening', Severity::Note, '/clues/'.$number, ['title' => $clue->title], counts: [
                    'number' => $number + 1,
                ]);
            }
        }

        return $findings;
    }
}
