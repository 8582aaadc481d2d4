<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Draft\EditRefused;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\LengthUnit;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\UnitKind;

/** What a unit of each kind usually looks like, as a design document writes it: what a new unit begins with. */
final class UsualUnit
{
    private const COURSES = 2;

    private const TRIANGLES = 5;

    /**
     * Finished size, fabrics and options, without id and name.
     *
     * @param  string  $width  finished, as a document writes it
     * @param  string  $height  finished; the kind's proportion goes before it
     * @param  list<string>  $fabrics  of the design; as many are taken as the kind has, the last ones over again where there are too few
     * @return array<string, mixed>
     *
     * @throws EditRefused when a size is no length, or there is no fabric at all
     */
    public static function of(UnitKind $kind, string $width, string $height, array $fabrics): array
    {
        if ($fabrics === []) {
            throw new EditRefused('Add a fabric first: every unit is made of one.');
        }
        try {
            $tall = Length::parse($height);
            $wide = $kind->proportion() === null ? Length::parse($width) : $tall->times($kind->proportion());
            $size = new Size($wide, $tall);
            $taken = self::fabrics($kind, $fabrics);

            return [
                'kind' => $kind->value,
                'finished' => $wide->equals($tall) ? trim($height) : [
                    'width' => $kind->proportion() === null ? trim($width) : LengthText::in($wide, self::unit($height)), 'height' => trim($height),
                ],
                'fabrics' => $taken,
                ...self::options($kind, $size, $taken),
            ];
        } catch (MeasureException $error) {
            throw new EditRefused('The finished size of a unit is a length such as 3 or 4 1/2. '.$error->getMessage());
        }
    }

    /** The unit that a length was written in. */
    private static function unit(string $text): LengthUnit
    {
        return match (preg_match('/(cm|mm)\s*$/i', trim($text), $found) === 1 ? strtolower($found[1]) : '') {
            'cm' => LengthUnit::Centimetre,
            'mm' => LengthUnit::Millimetre,
            default => LengthUnit::Inch,
        };
    }

    /**
     * @param  non-empty-list<string>  $fabrics
     * @return list<string> at least one
     */
    private static function fabrics(UnitKind $kind, array $fabrics): array
    {
        [$least, $most] = $kind->fabrics();
        // A log cabin has a centre and pairs of logs.
        $count = max($least, min($most, count($fabrics)));
        $count = $kind === UnitKind::LogCabin && $count % 2 === 0 ? $count - 1 : $count;
        $taken = [];
        for ($index = 0; $index < $count; $index++) {
            $taken[] = $fabrics[min($index, count($fabrics) - 1)];
        }

        return $taken;
    }

    /**
     * @param  list<string>  $fabrics
     * @return array<string, mixed>
     */
    private static function options(UnitKind $kind, Size $size, array $fabrics): array
    {
        $count = count($fabrics);
        $text = LengthText::of(...);
        $equal = fn (Length $whole, int $parts): array => array_fill(0, $parts, $text($whole->dividedBy($parts)));
        $short = $size->width->isLessThan($size->height) ? $size->width : $size->height;
        $places = ['top-left', 'top-right', 'bottom-right', 'bottom-left'];

        return match ($kind) {
            UnitKind::Corners => ['corners' => array_map(
                fn (string $at): array => ['at' => $at, 'leg' => $text($short->dividedBy(4))],
                array_slice($places, 0, $count === 2 ? 4 : $count - 1),
            )],
            UnitKind::Strips => ['widths' => $equal($size->width, $count)],
            UnitKind::StripedHst => ['widths' => $equal($size->height, $count - 1)],
            UnitKind::StripParallelogram => ['widths' => $equal($size->height, $count)],
            UnitKind::UnevenNinePatch => ['edge' => $text($size->height->dividedBy(4))],
            UnitKind::QuarterCircle => ['radius' => $text($size->height->times(3, 4))],
            UnitKind::LogCabin => [
                'centre' => $text($size->height->dividedBy(4)),
                'courses' => $count > 3 ? intdiv($count - 1, 2) : self::COURSES,
            ],
            UnitKind::TriangleRow => ['count' => self::TRIANGLES],
            UnitKind::Custom => ['pieces' => [['id' => 'p-whole', 'fabric' => $fabrics[0], 'shape' => [
                ['x' => '0', 'y' => '0'], ['x' => $text($size->width), 'y' => '0'],
                ['x' => $text($size->width), 'y' => $text($size->height)], ['x' => '0', 'y' => $text($size->height)],
            ]]]],
            default => [],
        };
    }
}
