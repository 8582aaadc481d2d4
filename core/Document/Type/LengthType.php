<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Problem;

/** A length or a plain number written as text, such as "4 5/8", "11.5 cm" or "1 1/2 √2". */
final readonly class LengthType implements Type
{
    private function __construct(private bool $mayBeZero)
    {
    }

    public static function positive(): self
    {
        return new self(false);
    }

    public static function orZero(): self
    {
        return new self(true);
    }

    public function check(mixed $value, string $pointer, Complaints $complaints): void
    {
        if (! is_string($value)) {
            $complaints->add($pointer, new Problem('document.wrong', ['value' => Node::shown($value), 'wanted' => $this->words()]), misformed: true);

            return;
        }
        // The usual ones are told apart without being worked out.
        if (preg_match('/^[1-9]\d{0,3}(?: [1-9]\d?\/[1-9]\d?)?$/D', $value) === 1) {
            return;
        }
        try {
            $length = Length::parse($value);
        } catch (MeasureException $error) {
            $complaints->add($pointer, $error->problem());

            return;
        }
        if (! $length->isPositive() && ! $this->mayBeZero) {
            $complaints->add($pointer, new Problem('document.above_zero', ['value' => $value]));
        }
    }

    public function resembles(mixed $value): bool
    {
        return is_string($value);
    }

    public function inner(string $step): ?Type
    {
        return null;
    }

    public function words(): Problem
    {
        return new Problem('type.length');
    }

    public function ordered(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => 40];
    }
}
