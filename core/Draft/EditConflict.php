<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use Dew\Core\Measure\HasProblem;
use Dew\Core\Measure\Problem;
use RuntimeException;

/** Somebody else has changed the same thing since: what the edit expected, what stands there now, and what it wants. */
final class EditConflict extends RuntimeException implements HasProblem
{
    public function __construct(
        public readonly Place $place,
        public readonly Value $expected,
        public readonly Value $there,
        public readonly Value $wanted,
    ) {
        parent::__construct((string) $this->problem());
    }

    public function problem(): Problem
    {
        return new Problem('edit.conflict', [
            'place' => $this->place->text(), 'expected' => $this->expected->text(), 'wanted' => $this->wanted->text(), 'there' => $this->there->text(),
        ]);
    }
}
