<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\Design;
use Dew\Core\Design\Reading;
use Dew\Core\Document\Complaint;
use Dew\Core\Measure\MeasureException;
use InvalidArgumentException;

/** Reads a design like a strict pattern tester, with every unit made by its usual method. What the reader refuses never comes this far. */
final class Proof
{
    /**
     * What is to be said of a document that is being drawn up: everything that is wrong with it or not finished, and then what is found in
     * as much of the design as can be read.
     *
     * @param  bool  $isSecret  whether what is to come is kept from members
     * @param  array<string, int>  $days  from the opening of a clue to that of the next one, by the id of the clue, where both are known
     * @return list<Finding>
     */
    public static function ofDraft(Reading $reading, bool $isSecret = false, array $days = []): array
    {
        $findings = array_map(fn (Complaint $complaint): Finding => new Finding(
            $complaint->unfinished ? 'unfinished' : 'unreadable',
            Severity::Error,
            $complaint->pointer,
            ['problem' => $complaint->problem],
        ), $reading->complaints);
        if ($reading->design === null) {
            return $findings;
        }
        try {
            return self::worstFirst([
                ...$findings, ...self::of($reading->design), ...ClueProof::of($reading->design, $isSecret, $days),
            ]);
        } catch (InvalidArgumentException|MeasureException) {
            // Why a size cannot be laid out or a unit cannot be made stands among the complaints.
            return $findings;
        }
    }

    /** @return list<Finding> errors first, each kind in the order of the document, none of them twice */
    public static function of(Design $design): array
    {
        $subject = new Subject($design);
        $findings = [];
        foreach ([
            ...FitChecks::of($subject),
            ...StatedChecks::of($subject),
            ...CuttingChecks::of($subject),
            ...TrimChecks::of($subject),
            ...QuiltingChecks::of($subject),
            ...FabricChecks::of($subject),
            ...$subject->isWhole() ? WorkChecks::of($subject) : [],
            ...ClueChecks::of($subject),
        ] as $finding) {
            $findings[$finding->key()] ??= $finding;
        }

        return self::worstFirst(array_values($findings));
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding> those of one severity in the order they had
     */
    private static function worstFirst(array $findings): array
    {
        $rank = fn (Finding $finding): int => (int) array_search($finding->severity, Severity::cases(), true);
        usort($findings, fn (Finding $a, Finding $b): int => $rank($a) <=> $rank($b));

        return $findings;
    }
}
