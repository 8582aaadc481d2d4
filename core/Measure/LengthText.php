<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

/** Writes a length as a design document has it, so that it is read again as exactly the same. */
final class LengthText
{
    /**
     * A fraction of an inch as a mixed number: "3", "1/2", "4 5/8".
     *
     * @throws MeasureException when the length is no fraction
     */
    public static function of(Length $length): string
    {
        [$numerator, $denominator] = $length->toFraction();
        [$whole, $rest] = [intdiv($numerator, $denominator), abs($numerator % $denominator)];

        return match (true) {
            $rest === 0 => (string) $whole,
            $whole === 0 => "$numerator/$denominator",
            default => "$whole $rest/$denominator",
        };
    }
}
