<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Problem;

/** One of several types that can be told apart at first sight. */
final readonly class EitherType implements Type
{
    /** @var non-empty-list<Type> */
    private array $types;

    public function __construct(Type $first, Type ...$others)
    {
        $this->types = [$first, ...array_values($others)];
    }

    public function check(mixed $value, string $pointer, Complaints $complaints): void
    {
        $type = $this->typeOf($value);
        if ($type === null) {
            $complaints->add($pointer, new Problem('document.wrong', ['value' => Node::shown($value), 'wanted' => $this->words()]), misformed: true);
        } else {
            $type->check($value, $pointer, $complaints);
        }
    }

    public function resembles(mixed $value): bool
    {
        return $this->typeOf($value) !== null;
    }

    public function inner(string $step): ?Type
    {
        foreach ($this->types as $type) {
            $inner = $type->inner($step);
            if ($inner !== null) {
                return $inner;
            }
        }

        return null;
    }

    public function words(): Problem
    {
        $words = $this->types[0]->words();
        foreach (array_slice($this->types, 1) as $type) {
            $words = new Problem('type.either', ['one' => $words, 'other' => $type->words()]);
        }

        return $words;
    }

    public function ordered(mixed $value): mixed
    {
        return $this->typeOf($value)?->ordered($value) ?? $value;
    }

    public function schema(): array
    {
        return ['anyOf' => array_map(fn (Type $type): array => $type->schema(), $this->types)];
    }

    /** Of several objects the one that shares a key with the value. */
    private function typeOf(mixed $value): ?Type
    {
        $resembling = array_values(array_filter($this->types, fn (Type $type): bool => $type->resembles($value)));
        foreach ($resembling as $type) {
            $record = $type instanceof NamedType ? $type->type : $type;
            if ($record instanceof RecordType && $record->sharesAPart($value)) {
                return $type;
            }
            if ($record instanceof ChoiceType && $record->accepts($value)) {
                return $type;
            }
        }
        foreach ($resembling as $type) {
            if (! $type instanceof ChoiceType) {
                return $type;
            }
        }

        return $resembling[0] ?? null;
    }
}
