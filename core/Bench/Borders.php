<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/**
 * Borders cut to a real top, from the inside out: a border cut to the pattern's number instead makes the top ruffle.
 *
 * A strip of finished width b is cut b + 2s wide. On a top of W × H, raw edge to raw edge, the sides are H long, then top and bottom W + 2b;
 * with corner squares of b + 2s they are W. A mitred strip reaches to the tips of its slants: its outer edge is W + 2b + 2√2·s long.
 */
final class Borders
{
    /**
     * @param  non-empty-list<Length>  $widths  finished, from the inside out
     * @param  Length  $usable  width of the cloth that strips are cut across
     * @return non-empty-list<BorderRound>
     *
     * @throws MeasureRefused when a border has no width, or is wider than half of the top
     */
    public static function of(TopMeasure $top, array $widths, Corner $corner, CuttingRoom $room, Length $usable): array
    {
        $rounds = [];
        $size = new Size($top->width(), $top->height());
        foreach ($widths as $width) {
            if (! $width->isPositive()) {
                throw new MeasureRefused('border', 'no_width');
            }
            if ($width->times(2)->isGreaterThan($size->width) || $width->times(2)->isGreaterThan($size->height)) {
                throw new MeasureRefused('border', 'too_wide');
            }
            $rounds[] = $round = self::round($size, $width, $corner, $room, $usable);
            $size = $round->after;
        }

        return $rounds;
    }

    private static function round(Size $top, Length $width, Corner $corner, CuttingRoom $room, Length $usable): BorderRound
    {
        $cut = $width->plus($room->seam->times(2));
        $twice = $width->times(2);
        $tips = $room->seam->times(2)->timesRoot2();
        [$sides, $ends] = match ($corner) {
            Corner::Straight => [$top->height, $top->width->plus($twice)],
            Corner::Squares => [$top->height, $top->width],
            Corner::Mitred => [$top->height->plus($twice)->plus($tips), $top->width->plus($twice)->plus($tips)],
        };

        return new BorderRound(
            $width, $cut, $sides, $ends, self::strips([$sides, $sides, $ends, $ends], $cut, $usable, $room),
            $corner === Corner::Squares ? $cut : null, $top->outsetBy($width),
        );
    }

    /**
     * Strips across the cloth for some lengths: joined end to end on a slant, which costs a strip's width each time, or each length from
     * strips of its own, whichever takes fewer.
     *
     * @param  non-empty-list<Length>  $lengths
     */
    public static function strips(array $lengths, Length $cut, Length $usable, CuttingRoom $room): int
    {
        if (! $usable->isGreaterThan($cut)) {
            throw new MeasureRefused('cloth', 'too_narrow');
        }
        $joined = self::pieces(Length::sum($lengths), $cut, $usable);
        $apart = array_sum(array_map(fn (Length $length): int => self::pieces($length, $cut, $usable), $lengths));

        return min($joined, $apart);
    }

    /** ⌈(L − j) / (usable − j)⌉ pieces make a length L, where each join takes j. */
    public static function pieces(Length $length, Length $join, Length $usable): int
    {
        if (! $length->isGreaterThan($usable)) {
            return 1;
        }
        $each = $usable->minus($join);
        $least = $length->minus($join);
        $count = $least->countOf($each);

        return $count + ($each->times($count)->isLessThan($least) ? 1 : 0);
    }
}
