<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

/** A unit in which a length may be typed or shown. Inside Dew every length is in inches. */
enum LengthUnit: string
{
    case Inch = 'in';
    case Centimetre = 'cm';
    case Millimetre = 'mm';

    /** Cloth is sold by these. */
    case Yard = 'yd';
    case Metre = 'm';

    public function isMetric(): bool
    {
        return $this !== self::Inch && $this !== self::Yard;
    }

    /** The exact number of inches in one of these: an inch is 2.54 cm by definition. */
    public function inInches(): Length
    {
        return match ($this) {
            self::Inch => Length::fraction(1, 1),
            self::Centimetre => Length::fraction(50, 127),
            self::Millimetre => Length::fraction(5, 127),
            self::Yard => Length::inches(36),
            self::Metre => Length::fraction(5000, 127),
        };
    }
}
