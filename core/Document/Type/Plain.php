<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Problem;

/** What all types without parts share: the complaint about a value that is none of theirs. */
trait Plain
{
    abstract public function words(): Problem;

    abstract public function accepts(mixed $value): bool;

    abstract public function resembles(mixed $value): bool;

    public function check(mixed $value, string $pointer, Complaints $complaints): void
    {
        if (! $this->accepts($value)) {
            $problem = new Problem('document.wrong', ['value' => Node::shown($value), 'wanted' => $this->words()]);
            $complaints->add($pointer, $problem, misformed: ! $this->resembles($value));
        }
    }

    public function inner(string $step): ?Type
    {
        return null;
    }

    public function ordered(mixed $value): mixed
    {
        return $value;
    }
}
