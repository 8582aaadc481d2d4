<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

use InvalidArgumentException;

/** Something that cannot be made, laid or cut as it was asked for: why, and with it what to do instead. */
final class Refused extends InvalidArgumentException implements HasProblem
{
    private readonly Problem $problem;

    /**
     * @param  string|Problem  $problem  or its code
     * @param  array<string, string|int|Problem>  $values  what goes into the sentence of a code
     */
    public function __construct(string|Problem $problem, array $values = [])
    {
        $this->problem = $problem instanceof Problem ? $problem : new Problem($problem, $values);
        parent::__construct((string) $this->problem);
    }

    public function problem(): Problem
    {
        return $this->problem;
    }
}
