<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

/**
 * Reads a length as people write it: whole numbers, mixed fractions with a space, a hyphen or nothing before a fraction character,
 * decimals with a point or a comma, each with √2 or √3 behind it where a diagonal is meant ("1 1/2 √2"), and at most one unit (in, inch,
 * inches, ", cm, mm, and yd or m, by which cloth is sold).
 */
final class LengthParser
{
    private const FRACTIONS = [
        '⅛' => '1/8', '¼' => '1/4', '⅜' => '3/8', '½' => '1/2', '⅝' => '5/8', '¾' => '3/4', '⅞' => '7/8',
        '⅓' => '1/3', '⅔' => '2/3', '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5', '⅘' => '4/5', '⅙' => '1/6', '⅚' => '5/6',
    ];

    private const UNITS = [
        'inches' => LengthUnit::Inch, 'inch' => LengthUnit::Inch, 'in' => LengthUnit::Inch, '"' => LengthUnit::Inch, '″' => LengthUnit::Inch,
        '”' => LengthUnit::Inch,
        'yards' => LengthUnit::Yard, 'yard' => LengthUnit::Yard, 'yds' => LengthUnit::Yard, 'yd' => LengthUnit::Yard,
        'centimetres' => LengthUnit::Centimetre, 'centimeters' => LengthUnit::Centimetre, 'cm' => LengthUnit::Centimetre,
        'millimetres' => LengthUnit::Millimetre, 'millimeters' => LengthUnit::Millimetre, 'mm' => LengthUnit::Millimetre,
        'metres' => LengthUnit::Metre, 'meters' => LengthUnit::Metre, 'metre' => LengthUnit::Metre, 'meter' => LengthUnit::Metre,
        'm' => LengthUnit::Metre,
    ];

    private const RAISED = [
        '⁰' => '0', '¹' => '1', '²' => '2', '³' => '3', '⁴' => '4', '⁵' => '5', '⁶' => '6', '⁷' => '7', '⁸' => '8', '⁹' => '9',
    ];

    private const LOWERED = [
        '₀' => '0', '₁' => '1', '₂' => '2', '₃' => '3', '₄' => '4', '₅' => '5', '₆' => '6', '₇' => '7', '₈' => '8', '₉' => '9',
    ];

    /** Longer than any length anybody types; keeps every product within 64 bits. */
    private const LONGEST = 40;

    /**
     * @param  LengthUnit  $unit  taken when the text names none
     *
     * @throws MeasureException
     */
    public static function parse(string $text, LengthUnit $unit = LengthUnit::Inch): Length
    {
        $shown = trim(mb_scrub(mb_substr($text, 0, self::LONGEST)));
        if ($shown === '') {
            throw MeasureException::blank();
        }
        if (mb_strlen($text) > self::LONGEST) {
            throw MeasureException::notUnderstood($shown.'…');
        }
        $number = mb_strtolower($shown);
        foreach (self::FRACTIONS as $character => $fraction) {
            $number = str_replace($character, ' '.$fraction, $number);
        }
        // Spaces that do not break, and small figures, as Dew itself prints them.
        $number = (string) preg_replace('/[\x{00a0}\x{2007}\x{2009}\x{202f}]/u', ' ', $number);
        $number = (string) preg_replace_callback('/[⁰¹²³⁴⁵⁶⁷⁸⁹]+/u', fn (array $raised): string => ' '.strtr($raised[0], self::RAISED), $number);
        $number = str_replace(['⁄', '−'], ['/', '-'], strtr($number, self::LOWERED));
        [$number, $unit] = self::takeUnit($number, $unit, $shown);
        if (str_starts_with($number, '-')) {
            throw MeasureException::negative($shown);
        }
        [$number, $root] = self::takeRoot($number);
        $length = self::inUnit(self::number($number, $shown), $unit);

        return match ($root) {
            '2' => $length->timesRoot2(),
            '3' => $length->timesRoot3(),
            default => $length,
        };
    }

    /**
     * What stands in a list of lengths, one text for each: between semicolons, or between commas. A comma without a space behind it is a decimal
     * comma where the length is a metric one and has no other.
     *
     * @param  LengthUnit  $unit  of those that name none
     * @return non-empty-list<string> as they were written, empty ones too
     */
    public static function texts(string $list, LengthUnit $unit = LengthUnit::Inch): array
    {
        if (str_contains($list, ';')) {
            return array_map(trim(...), explode(';', $list));
        }
        $texts = [];
        foreach (preg_split('/,\s+|\s+,/u', $list) ?: [] as $text) {
            $isDecimal = substr_count($text, ',') === 1 && ($unit->isMetric() || preg_match('/[cm]?m\s*$|met/iu', $text) === 1);
            array_push($texts, ...$isDecimal ? [trim($text)] : array_map(trim(...), explode(',', $text)));
        }

        return $texts === [] ? [''] : $texts;
    }

    /** @return array{string, string} the text without "√2" or "√3" at its end, and which of the two it was */
    private static function takeRoot(string $number): array
    {
        if (preg_match('/^(.*?)\s*√\s*([23])$/u', $number, $part) !== 1) {
            return [$number, ''];
        }

        return [$part[1] === '' ? '1' : $part[1], $part[2]];
    }

    /** @return array{string, LengthUnit} the text without its unit, and the unit */
    private static function takeUnit(string $number, LengthUnit $unit, string $shown): array
    {
        $named = [];
        $pattern = '/(?:'.implode('|', array_keys(self::UNITS)).')\.?(?![a-z])/u';
        $rest = preg_replace_callback($pattern, function (array $found) use (&$named): string {
            $named[] = self::UNITS[rtrim($found[0], '.')];

            return ' ';
        }, $number) ?? $number;
        if (count($named) > 1) {
            throw MeasureException::twoUnits($shown, $named[0], $named[1]);
        }

        return [trim($rest), $named[0] ?? $unit];
    }

    private static function number(string $number, string $shown): Length
    {
        if (preg_match('/^(\d{1,6})?[.,](\d{1,8})$/', $number, $part) === 1) {
            $scale = 10 ** strlen($part[2]);

            return Length::fraction((int) $part[1] * $scale + (int) $part[2], $scale);
        }
        if (preg_match('/^(?:(\d{1,6})(?:\s+|\s*-\s*))?(\d{1,6})\s*\/\s*(\d{1,6})$/', $number, $part) === 1) {
            if ((int) $part[3] === 0) {
                throw MeasureException::zeroDenominator($shown);
            }

            return Length::inches((int) $part[1])->plus(Length::fraction((int) $part[2], (int) $part[3]));
        }
        if (preg_match('/^\d{1,6}$/', $number) === 1) {
            return Length::inches((int) $number);
        }

        throw MeasureException::notUnderstood($shown);
    }

    private static function inUnit(Length $number, LengthUnit $unit): Length
    {
        [$numerator, $denominator] = $unit->inInches()->toFraction();

        return $number->times($numerator, $denominator);
    }
}
