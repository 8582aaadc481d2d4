<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\Node;

/** What all types without parts share: the complaint about a value that is none of theirs. */
trait Plain
{
    abstract public function words(): string;

    abstract public function accepts(mixed $value): bool;

    abstract public function resembles(mixed $value): bool;

    public function check(mixed $value, string $pointer, Complaints $complaints): void
    {
        if (! $this->accepts($value)) {
            $problem = sprintf('is %s; it should be %s.', Node::shown($value), $this->words());
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
