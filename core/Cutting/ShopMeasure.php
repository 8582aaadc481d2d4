<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthUnit;
use Dew\Core\Measure\Notation;

/** The steps in which a shop sells cloth off the bolt. */
enum ShopMeasure: string
{
    case Yards = 'yards';
    case Metres = 'metres';

    /** What a shop sells by where people measure so. */
    public static function of(Notation $notation): self
    {
        return $notation === Notation::Centimetres ? self::Metres : self::Yards;
    }

    /** The unit that a bare number of its is in. */
    public function unit(): LengthUnit
    {
        return $this === self::Yards ? LengthUnit::Yard : LengthUnit::Metre;
    }

    /** ⅛ yard, or 10 cm. */
    public function step(): Length
    {
        return $this === self::Yards ? Length::fraction(9, 2) : LengthUnit::Centimetre->inInches()->times(10);
    }

    /** ¼ yard, or 25 cm: what a mystery is announced in, so that the number tells less. */
    public function coarseStep(): Length
    {
        return $this === self::Yards ? Length::inches(9) : LengthUnit::Centimetre->inInches()->times(25);
    }

    /** The next length that the shop sells; a mystery's next coarse one. */
    public function sold(Length $length, bool $coarse = false): Length
    {
        return $length->ceilTo($coarse ? $this->coarseStep() : $this->step());
    }

    /** The number of yards or metres: "1⅜", "1.3". */
    public function number(Length $length): string
    {
        if ($this === self::Metres) {
            $metres = $length->toFloat() / LengthUnit::Centimetre->inInches()->toFloat() / 100;

            return rtrim(rtrim(number_format($metres, 2, '.', ''), '0'), '.');
        }
        $eighths = $length->ceilTo(Length::fraction(9, 2))->countOf(Length::fraction(9, 2));
        $part = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'][$eighths % 8];

        return intdiv($eighths, 8) === 0 && $part !== '' ? $part : intdiv($eighths, 8).$part;
    }
}
