<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use Dew\Core\Measure\HasProblem;
use Dew\Core\Measure\Problem;
use RuntimeException;

/** An edit that cannot mean anything in this document: why, and with it what to do instead. */
final class EditRefused extends RuntimeException implements HasProblem
{
    private readonly Problem $problem;

    /**
     * @param  string|Problem  $problem  or its code
     * @param  array<string, string|int|Problem>  $values  what goes into the sentence of a code
     * @param  Place|null  $place  what it is about, where it is one place that has a name
     * @param  Problem|null  $there  what is wrong there, without the place
     */
    public function __construct(
        string|Problem $problem,
        array $values = [],
        public readonly ?Place $place = null,
        public readonly ?Problem $there = null,
    ) {
        $this->problem = $problem instanceof Problem ? $problem : new Problem("edit.$problem", $values);
        parent::__construct((string) $this->problem);
    }

    public function problem(): Problem
    {
        return $this->problem;
    }
}
