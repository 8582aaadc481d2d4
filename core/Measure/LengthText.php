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

    /**
     * In centimetres or millimetres where that is a short decimal number, as "7.5 cm"; else as {@see of()}.
     *
     * @throws MeasureException when the length is no fraction
     */
    public static function in(Length $length, LengthUnit $unit): string
    {
        $perInch = match ($unit) {
            LengthUnit::Centimetre => [127, 50],
            LengthUnit::Millimetre => [127, 5],
            default => null,
        };
        if ($perInch === null) {
            return self::of($length);
        }
        [$numerator, $denominator] = $length->times(...$perInch)->toFraction();

        return 10_000 % $denominator === 0
            ? rtrim(rtrim(number_format($numerator / $denominator, 4, '.', ''), '0'), '.').' '.$unit->value : self::of($length);
    }
}
