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
        public string $decimal,
    ) {
    }

    public static function of(Measurement $measurement, SizeKind $kind, Notation $notation): self
    {
        return new self(
            $kind,
            $notation->print($measurement->in($notation)),
            $notation->unit()->value,
            $measurement->isTrueIn($notation),
            $measurement->exact->toDecimal(4),
        );
    }

    /** About so much, to the nearest quarter inch or half centimetre: for finding a place and not for cutting. */
    public static function rough(Length $length, Notation $notation): string
    {
        $step = $notation->unit() === LengthUnit::Centimetre ? Length::parse('0.5', LengthUnit::Centimetre) : Length::fraction(1, 4);

        return self::text(Measurement::exact($length->nearestTo($step)), $notation);
    }

    public static function text(Measurement $measurement, Notation $notation): string
    {
        return $notation->print($measurement->in($notation))."\u{00a0}".$notation->unit()->value;
    }
}
