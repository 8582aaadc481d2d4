<?php

declare(strict_types=1);

namespace Dew\Core\Calendar;

use RuntimeException;

/** A rule for dates that gives none, or too few; `part` names what to change, and `fits` how many dates there are. */
final class ReleaseRuleException extends RuntimeException
{
    /** @param  string  $part  rule, first, every, skipped, last or dates */
    public function __construct(
        public readonly string $part,
        public readonly ?int $fits = null,
    ) {
        parent::__construct($part);
    }
}
