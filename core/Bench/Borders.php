<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\LongStrips;

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
     * @param  list<BorderCorner>  $corners  how the strips of each meet; sides first where nothing is said
     * @param  Length  $usable  width of the cloth that strips are cut across
     * @param  bool  $straight  whether strips are joined by straight seams instead of slanted ones
     * @return non-empty-list<BorderRound>
     *
     * @throws MeasureRefused when a border has no width, or is wider than half of the top
     */
    public static function of(TopMeasure $top, array $widths, array $corners, CuttingRoom $room, Length $usable, bool $straight = false): array
    {
        $rounds = [];
        $size = new Size($top->width(), $top->height());
        foreach ($widths as $number => $width) {
            if (! $width->isPositive()) {
                throw new MeasureRefused('border', 'no_width');
            }
            if ($width->times(2)->isGreaterThan($size->width) || $width->times(2)->isGreaterThan($size->height)) {
                throw new MeasureRefused('border', 'too_wide');
            }
            $rounds[] = $round = self::round($size, $width, $corners[$number] ?? BorderCorner::Straight, $room, $usable, $straight);
            $size = $round->after;
        }

        return $rounds;
    }

    private static function round(Size $top, Length $width, BorderCorner $corner, CuttingRoom $room, Length $usable, bool $straight): BorderRound
    {
        $cut = $width->plus($room->seam->times(2));
        $twice = $width->times(2);
        $tips = $room->seam->times(2)->timesRoot2();
        [$sides, $ends] = match ($corner) {
            BorderCorner::Straight => [$top->height, $top->width->plus($twice)],
            BorderCorner::Squares => [$top->height, $top->width],
            BorderCorner::Mitred => [$top->height->plus($twice)->plus($tips), $top->width->plus($twice)->plus($tips)],
        };

        return new BorderRound(
            $width, $cut, $sides, $ends, self::strips([$sides, $sides, $ends, $ends], $straight ? $room->seam->times(2) : $cut, $cut, $usable),
            $corner === BorderCorner::Squares ? $cut : null, $corner, $top->outsetBy($width),
        );
    }

    /**
     * As the clue of the border reckons them: {@see LongStrips::strips()}.
     *
     * @param  non-empty-list<Length>  $lengths
     */
    private static function strips(array $lengths, Length $join, Length $cut, Length $usable): int
    {
        if (! $usable->isGreaterThan($cut)) {
            throw new MeasureRefused('cloth', 'too_narrow');
        }

        return LongStrips::strips($lengths, $join, $usable)[0];
    }
}
