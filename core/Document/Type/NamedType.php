<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Document\Complaints;
use Dew\Core\Measure\Problem;

/** A type that the schema defines once and refers to by name. */
final readonly class NamedType implements Type
{
    public function __construct(
        public string $name,
        public Type $type,
    ) {
    }

    public function check(mixed $value, string $pointer, Complaints $complaints): void
    {
        $this->type->check($value, $pointer, $complaints);
    }

    public function resembles(mixed $value): bool
    {
        return $this->type->resembles($value);
    }

    public function inner(string $step): ?Type
    {
        return $this->type->inner($step);
    }

    public function words(): Problem
    {
        return $this->type->words();
    }

    public function ordered(mixed $value): mixed
    {
        return $this->type->ordered($value);
    }

    public function schema(): array
    {
        return ['$ref' => '#/$defs/'.$this->name];
    }
}
