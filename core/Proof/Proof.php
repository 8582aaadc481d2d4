<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use ArithmeticError;
use Dew\Core\Design\Design;
use Dew\Core\Design\Reading;
use Dew\Core\Document\Complaint;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Problem;
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
     * @param  bool  $isBegun  whether members have a clue open already
     * @return list<Finding>
     */
    public static function ofDraft(Reading $reading, bool $isSecret = false, array $days = [], bool $isBegun = false): array
    {
        $findings = array_map(fn (Complaint $complaint): Finding => new Finding(
            $complaint->unfinished ? 'unfinished' : 'unreadable',
            $complaint->idle ? Severity::Note : Severity::Error,
            $complaint->pointer,
            problem: $complaint->problem,
        ), $reading->complaints);
        if ($reading->design === null) {
            return $findings;
        }

        // What the reader says of a place is not said of it twice.
        $known = array_fill_keys(array_map(fn (Complaint $complaint): string => $complaint->pointer, $reading->complaints), true);
        $found = array_filter(
            [...self::of($reading->design, $isBegun), ...ClueProof::of($reading->design, $isSecret, $days)],
            fn (Finding $finding): bool => match ($finding->code) {
                'uncomputable' => ! isset($known[$finding->place]),
                'uncomputable-whole' => $known === [],
                default => true,
            },
        );

        return self::worstFirst(self::once([...$findings, ...$found]));
    }

    /**
     * @param  bool  $isBegun  whether members have a clue open already, so that what no clue makes must not stop a correction
     * @return list<Finding> errors first, each kind in the order of the document, none of them twice
     */
    public static function of(Design $design, bool $isBegun = false): array
    {
        $subject = new Subject($design, $isBegun);

        return self::worstFirst(self::once([...$subject->uncomputable(), ...self::found($subject, [
            FitChecks::of(...), StatedChecks::of(...), CuttingChecks::of(...), TrimChecks::of(...), QuiltingChecks::of(...),
            FabricChecks::of(...), ...$subject->isWhole() ? [WorkChecks::of(...)] : [], ClueChecks::of(...),
        ])]));
    }

    /**
     * What some checks find. What cannot be computed is an error of its own and takes no other finding with it.
     *
     * @param  list<callable(Subject): list<Finding>>  $checks
     * @return list<Finding>
     */
    public static function found(Subject $subject, array $checks): array
    {
        $findings = [];
        foreach ($checks as $check) {
            try {
                array_push($findings, ...$check($subject));
            } catch (InvalidArgumentException|MeasureException|ArithmeticError $error) {
                if ($subject->isWhole() && $subject->uncomputable() === []) {
                    $findings[] = new Finding('uncomputable-whole', Severity::Error, '', problem: Problem::of($error));
                }
            }
        }

        return $findings;
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    private static function once(array $findings): array
    {
        $once = [];
        foreach ($findings as $finding) {
            $once[$finding->key()] ??= $finding;
        }

        return array_values($once);
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
