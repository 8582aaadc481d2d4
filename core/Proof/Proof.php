<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\Design;

/** Reads a design like a strict pattern tester, with every unit made by its usual method. What the reader refuses never comes this far. */
final class Proof
{
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
            ...WorkChecks::of($subject),
        ] as $finding) {
            $findings[$finding->key()] ??= $finding;
        }
        $findings = array_values($findings);
        $rank = fn (Finding $finding): int => (int) array_search($finding->severity, Severity::cases(), true);
        usort($findings, fn (Finding $a, Finding $b): int => $rank($a) <=> $rank($b));

        return $findings;
    }
}
