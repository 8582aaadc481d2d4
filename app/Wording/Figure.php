<?php

declare(strict_types=1);

namespace App\Wording;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthUnit;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;

/** A length ready to be read: its number, its unit, which of the three sizes it is, and whether the ruler's mark is the true value. */
final readonly class Figure
{
    private function __construct(
        public SizeKind $kind,
        public string $number,
        public string $unit,
        public bool $isTrue,
        public string $exactly,
    ) {
    }

    public static function of(Measurement $measurement, SizeKind $kind, Notation $notation): self
    {
        return new self(
            $kind,
            $notation->print($measurement->in($notation)),
            $notation->unit()->value,
            $measurement->isTrueIn($notation),
            match ($notation) {
                Notation::Centimetres => $notation->print($measurement->value($notation)),
                default => $measurement->value($notation)->toDecimal(4),
            },
        );
    }

    /** About so much, to the nearest quarter inch or half centimetre: for finding a place and not for cutting. */
    public static function rough(Length $length, Notation $notation): string
    {
        $step = $notation->unit() === LengthUnit::Centimetre ? Length::parse('0.5', LengthUnit::Centimetre) : Length::fraction(1, 4);

        return self::text(Measurement::exact($length->nearestTo($step)), $notation);
    }

    /** An area, such as "1,544 square inches" or "9,961 cm²". */
    public static function area(float $squareInches, Notation $notation): string
    {
        $isMetric = $notation->unit()->isMetric();
        $area = $isMetric ? $squareInches * 2.54 ** 2 : $squareInches;
        $number = number_format($area, $area < 100 ? 2 : 0);

        return __('measure.area.'.($isMetric ? 'cm' : 'in'), ['number' => str_contains($number, '.') ? rtrim(rtrim($number, '0'), '.') : $number]);
    }

    /** A place in a drawing, which nobody cuts by: its number in the unit of the notation, with two decimals at most. */
    public static function place(float $inches, Notation $notation): string
    {
        $number = number_format($notation->unit()->isMetric() ? $inches * 2.54 : $inches, 2, '.', '');

        return rtrim(rtrim($number === '-0.00' ? '0.00' : $number, '0'), '.');
    }

    public static function text(Measurement $measurement, Notation $notation): string
    {
        return $notation->print($measurement->in($notation))."\u{00a0}".$notation->unit()->value;
    }
}
