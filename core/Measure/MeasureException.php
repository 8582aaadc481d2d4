<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

use RuntimeException;

/** A length that cannot be read or computed: `reason` is a stable key (`zero_denominator`, `negative`, ...), and `values` goes with it. */
final class MeasureException extends RuntimeException implements HasProblem
{
    /** @param  array<string, string>  $values */
    private function __construct(
        public readonly string $reason,
        public readonly array $values = [],
    ) {
        parent::__construct((string) $this->problem());
    }

    public static function blank(): self
    {
        return new self('blank');
    }

    public static function notUnderstood(string $text): self
    {
        return new self('not_understood', ['text' => $text]);
    }

    public static function zeroDenominator(string $text): self
    {
        return new self('zero_denominator', ['text' => $text]);
    }

    public static function negative(string $text): self
    {
        return new self('negative', ['text' => $text]);
    }

    public static function twoUnits(string $text, LengthUnit $first, LengthUnit $second): self
    {
        return new self('two_units', ['text' => $text, 'first' => $first->value, 'second' => $second->value]);
    }

    public static function tooLarge(): self
    {
        return new self('too_large');
    }

    /** Of a product that is no sum of whole fractions, √2 and √3. */
    public static function notRepresentable(string $what): self
    {
        return new self('not_representable', ['what' => $what]);
    }

    public static function notRational(): self
    {
        return new self('not_rational');
    }

    /** Of a count or a share by a length of zero or less. */
    public static function byNothing(): self
    {
        return new self('by_nothing');
    }

    public function problem(): Problem
    {
        return new Problem("measure.$this->reason", $this->values);
    }
}
