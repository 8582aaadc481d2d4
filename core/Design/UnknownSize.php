<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Measure\HasProblem;
use Dew\Core\Measure\Problem;
use OutOfBoundsException;

final class UnknownSize extends OutOfBoundsException implements HasProblem
{
    private Problem $problem;

    /** @param  list<string>  $known */
    public static function named(string $id, array $known): self
    {
        $problem = new Problem('design.unknown_size', ['size' => $id, 'sizes' => implode(', ', $known)]);
        $error = new self((string) $problem);
        $error->problem = $problem;

        return $error;
    }

    public function problem(): Problem
    {
        return $this->problem;
    }
}
