<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\Design;

/** Reads the clues of a design like somebody who has to sew them week by week: loads, tools, words, secrets and dates. */
final class ClueProof
{
    /**
     * @param  bool  $isSecret  whether what is to come is kept from members
     * @param  array<string, int>  $days  from the opening of a clue to that of the next one, by the id of the clue, where both are known
     * @return list<Finding> in the order of the clues
     */
    public static function of(Design $design, bool $isSecret = true, array $days = []): array
    {
        $subject = new Subject($design);
        $findings = Proof::found($subject, [
            fn (Subject $subject): array => LoadChecks::of($subject, $days),
            fn (): array => self::missingWords($design),
            ToolChecks::of(...),
            QuotedChecks::of(...),
            ...$isSecret ? [SecretChecks::of(...)] : [],
        ]);
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
