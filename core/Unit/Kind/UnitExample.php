<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Arc;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\UnitKind;

/**
 * An example of every kind in the library, of any size and number of fabrics it can have: for the contact sheet and for checking
 * properties.
 */
final class UnitExample
{
    /**
     * @param  list<Slot>  $slots  as many as the kind allows
     * @param  Length|null  $width  of a kind that may have any proportion; twice the height when left out
     */
    public static function of(UnitKind $kind, Length $height, array $slots, ?Length $width = null): UnitSpec
    {
        $width = $kind->proportion() === null && $width !== null ? $width : $height->times($kind->proportion() ?? 2);
        if ($kind === UnitKind::LogCabin && count($slots) % 2 === 0) {
            array_pop($slots);
        }
        $fabrics = count($slots);

        return new UnitSpec($kind, new Size($width, $height), $slots, match ($kind) {
            UnitKind::Corners => UnitOptions::corners(self::corners($height, $fabrics - 1)),
            UnitKind::Strips => new UnitOptions(widths: self::shares($width, $fabrics)),
            UnitKind::StripedHst => new UnitOptions(widths: self::shares($height, $fabrics - 1)),
            UnitKind::StripParallelogram => new UnitOptions(widths: self::shares($height, $fabrics)),
            UnitKind::UnevenNinePatch => new UnitOptions(edge: $height->dividedBy(5)),
            UnitKind::Kite => new UnitOptions(edge: $height->times(2, 5)),
            UnitKind::QuarterCircle => new UnitOptions(radius: $height->times(3, 4)),
            UnitKind::LogCabin => new UnitOptions(
                centre: $height->dividedBy(5),
                courses: $fabrics % 2 === 1 && $fabrics > 3 ? intdiv($fabrics - 1, 2) : 2,
            ),
            UnitKind::TriangleRow => new UnitOptions(count: 2 + $fabrics),
            UnitKind::Custom => new UnitOptions(pieces: self::pieces($width, $height, $fabrics)),
            default => new UnitOptions,
        });
    }

    /** @return array<string, Length> */
    private static function corners(Length $height, int $count): array
    {
        $corners = [];
        foreach (array_slice(['top-left', 'top-right', 'bottom-right', 'bottom-left'], 0, $count) as $index => $place) {
            $corners[$place] = $height->times($index % 2 === 0 ? 1 : 2, 4);
        }

        return $corners;
    }

    /** @return list<Length> unequal widths, together the whole */
    private static function shares(Length $whole, int $count): array
    {
        return array_map(fn (int $share): Length => $whole->times(2 * $share, $count * ($count + 1)), range(1, max(1, $count)));
    }

    /**
     * Half of a leaf: a curve across the rectangle where that is twice as wide as high, else a slanted seam, and as many upright pieces
     * beyond it as there are fabrics left.
     *
     * @return list<CustomPiece>
     */
    private static function pieces(Length $width, Length $height, int $fabrics): array
    {
        $zero = Length::zero();
        $at = fn (Length $x, Length $y): Point => new Point($x, $y);
        $half = $width->dividedBy(2);
        $curve = fn (bool $clockwise): array => $half->equals($height) ? [new Arc($half, $clockwise)] : [];
        $pieces = [
            new CustomPiece('p-leaf', 0, new Outline(...[$at($zero, $zero), $at($half, $zero), ...$curve(true), $at($zero, $height)])),
            new CustomPiece(
                'p-ground',
                min(1, $fabrics - 1),
                new Outline(...[$at($half, $zero), $at($half, $height), $at($zero, $height), ...$curve(false)]),
            ),
        ];
        $bars = max(1, $fabrics - 2);
        for ($bar = 0; $bar < $bars; $bar++) {
            $left = $half->plus($half->times($bar, $bars));
            $pieces[] = new CustomPiece(
                'p-bar-'.($bar + 1),
                min($fabrics - 1, $bar + 2),
                Outline::rectangle($left, $zero, new Size($half->dividedBy($bars), $height)),
            );
        }

        return $pieces;
    }
}
