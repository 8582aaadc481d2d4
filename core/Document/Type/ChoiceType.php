<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use BackedEnum;
use Dew\Core\Measure\Problem;

/** One of a few values. */
final readonly class ChoiceType implements Type
{
    use Plain;

    /** @param  list<int|string>  $values */
    private function __construct(private array $values)
    {
    }

    public static function of(int|string ...$values): self
    {
        return new self(array_values($values));
    }

    /** @param  array<BackedEnum>  $cases */
    public static function cases(array $cases): self
    {
        return new self(array_map(fn (BackedEnum $case): int|string => $case->value, array_values($cases)));
    }

    public function accepts(mixed $value): bool
    {
        return in_array($value, $this->values, true);
    }

    public function resembles(mixed $value): bool
    {
        return is_int($value) || is_string($value);
    }

    public function words(): Problem
    {
        return count($this->values) === 1
            ? new Problem('type.exactly', ['value' => (string) json_encode($this->values[0])])
            : new Problem('type.choice', ['choices' => implode(', ', $this->values)]);
    }

    public function schema(): array
    {
        return count($this->values) === 1 ? ['const' => $this->values[0]] : ['enum' => $this->values];
    }
}
