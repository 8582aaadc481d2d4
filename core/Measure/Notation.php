<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

/** How a person wants to read lengths: on an inch ruler, as decimal inches, or on a centimetre ruler. */
enum Notation: string
{
    case Fractions = 'in';
    case Decimals = 'decimal';
    case Centimetres = 'cm';

    /** Fractions finer than this, in parts of an inch, are read as decimals. */
    private const FINEST = 128;

    /** The step to which a cut that may grow is rounded: ⅛ in, or 1 mm. */
    public function cuttingStep(): Length
    {
        return $this === self::Centimetres ? LengthUnit::Millimetre->inInches() : Length::fraction(1, 8);
    }

    /** The finest mark used for what must not grow: 1⁄16 in, or 1 mm. */
    public function fineStep(): Length
    {
        return $this === self::Centimetres ? LengthUnit::Millimetre->inInches() : Length::fraction(1, 16);
    }

    public function unit(): LengthUnit
    {
        return $this === self::Centimetres ? LengthUnit::Centimetre : LengthUnit::Inch;
    }

    /** The number alone, without its unit: "4⅝", "4.625", "11.7". */
    public function print(Length $length): string
    {
        return match ($this) {
            self::Fractions => $length->isRational() && $length->toFraction()[1] <= self::FINEST
                ? self::mixed($length)
                : self::trimmedDecimal($length->toFloat(), 3),
            self::Decimals => self::trimmedDecimal($length->toFloat(), 4),
            self::Centimetres => self::trimmedDecimal($length->toFloat() * 2.54, 2),
        };
    }

    private static function mixed(Length $length): string
    {
        [$numerator, $denominator] = $length->absolute()->toFraction();
        $sign = $length->isNegative() ? '−' : '';
        $whole = intdiv($numerator, $denominator);
        $rest = $numerator % $denominator;
        if ($rest === 0) {
            return $sign.$whole;
        }

        return $sign.($whole === 0
            ? ''
            : $whole).(self::CHARACTERS["$rest/$denominator"] ?? ($whole === 0 ? '' : "\u{2009}")."$rest\u{2044}$denominator");
    }

    private static function trimmedDecimal(float $value, int $places): string
    {
        $text = number_format($value, $places, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    private const CHARACTERS = [
        '1/8' => '⅛', '1/4' => '¼', '3/8' => '⅜', '1/2' => '½', '5/8' => '⅝', '3/4' => '¾', '7/8' => '⅞',
        '1/3' => '⅓', '2/3' => '⅔',
    ];
}
