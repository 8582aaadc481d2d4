<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

use RuntimeException;

/**
 * A length that cannot be read or computed.
 *
 * `reason` is a stable key (`zero_denominator`, `negative`, ...) and `values` its words, so that an interface can say it in the
 * reader's language; the message says it in plain English.
 */
final class MeasureException extends RuntimeException implements HasProblem
{
    /** @param  array<string, string>  $values */
    private function __construct(
        public readonly string $reason,
        public readonly array $values,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function blank(): self
    {
        return new self('blank', [], 'Enter a length, such as 4 5/8 in or 11.7 cm.');
    }

    public static function notUnderstood(string $text): self
    {
        return new self(
            'not_understood',
            ['text' => $text],
            sprintf('"%s" is not a length Dew can read. Write it like 4 5/8 in, 4.625 in or 11.7 cm.', $text),
        );
    }

    public static function zeroDenominator(string $text): self
    {
        return new self('zero_denominator', ['text' => $text], sprintf('"%s" divides by zero. Check the number below the line.', $text));
    }

    public static function negative(string $text): self
    {
        return new self('negative', ['text' => $text], sprintf('"%s" is below zero. Enter a length of zero or more.', $text));
    }

    public static function twoUnits(string $text, LengthUnit $first, LengthUnit $second): self
    {
        return new self(
            'two_units',
            ['text' => $text, 'first' => $first->value, 'second' => $second->value],
            sprintf('"%s" names two units, %s and %s. Keep one.', $text, $first->value, $second->value),
        );
    }

    public static function tooLarge(): self
    {
        return new self('too_large', [], 'That number is too large to be a length of cloth.');
    }

    public static function notRepresentable(string $what): self
    {
        return new self('not_representable', ['what' => $what], sprintf('%s is not a sum of whole fractions, √2 and √3.', $what));
    }

    public static function notRational(): self
    {
        return new self('not_rational', [], 'A length with √2 or √3 in it has no exact fraction; round it to a step first.');
    }

    public function problem(): Problem
    {
        return new Problem("measure.$this->reason", $this->values);
    }
}
