<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\Design;

/** Reads a design like a strict pattern tester, with every unit made by its default method. What the reader refuses never comes this far. */
final class Proof
{
    /** @return list<Finding> errors first, each kind in the order of the document */
    public static function of(Design $design): array
    {
        $subject = new Subject($design);
        $findings = [
            ...FitChecks::of($subject),
            ...CuttingChecks::of($subject),
            ...FabricChecks::of($subject),
            ...WorkChecks::of($subject),
        ];
        $rank = fn (Finding $finding): int => (int) array_search($finding->severity, Severity::cases(), true);
        usort($findings, fn (Finding $a, Finding $b): int => $rank($a) <=> $rank($b));

        return $findings;
    }
}
