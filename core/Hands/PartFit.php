<?php

declare(strict_types=1);

namespace Dew\Core\Hands;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/**
 * What to do with a part of a group quilt that measures otherwise than asked, so that it fits the parts beside it. All measures are raw
 * edge to raw edge.
 *
 * Up to 1⁄16 in is within what anybody measures. A part that is off as much as its neighbours are fits them. What is larger is trimmed; what
 * is smaller by up to ⅛ in is eased in; by ½ in and more it gets a plain strip that makes up the difference exactly; in between a strip
 * would finish too narrow to sew, so the part is trimmed on both sides until two strips of ½ in fit, or sewn anew.
 */
final class PartFit
{
    /**
     * @param  list<Size>  $neighbours  what the parts beside it measure that are accepted
     * @return list<FitAdvice> for the width, then for the height; several ones for a direction where there is a choice, the best first
     */
    public static function of(Size $asked, Size $measured, array $neighbours, Length $seam): array
    {
        return [
            ...self::along($asked->width, $measured->width, array_map(fn (Size $one): Length => $one->width, $neighbours), $seam, true),
            ...self::along($asked->height, $measured->height, array_map(fn (Size $one): Length => $one->height, $neighbours), $seam, false),
        ];
    }

    /** Whether nothing has to be done. */
    public static function fits(Size $asked, Size $measured): bool
    {
        return ! $asked->width->minus($measured->width)->absolute()->isGreaterThan(Length::fraction(1, 16))
            && ! $asked->height->minus($measured->height)->absolute()->isGreaterThan(Length::fraction(1, 16));
    }

    /**
     * @param  list<Length>  $neighbours
     * @return list<FitAdvice>
     */
    private static function along(Length $asked, Length $measured, array $neighbours, Length $seam, bool $isWidth): array
    {
        $missing = $asked->minus($measured);
        $off = $missing->absolute();
        if (! $off->isGreaterThan(Length::fraction(1, 16))) {
            return [new FitAdvice('fits', $isWidth)];
        }
        $advice = [];
        if ($neighbours !== []) {
            $sum = array_reduce($neighbours, fn (Length $sum, Length $one): Length => $sum->plus($one), Length::zero());
            if (! $sum->dividedBy(count($neighbours))->minus($measured)->absolute()->isGreaterThan(Length::fraction(1, 16))) {
                $advice[] = new FitAdvice('neighbours', $isWidth, $off);
            }
        }
        $half = Length::fraction(1, 2);
        if ($missing->isNegative()) {
            return [...$advice, new FitAdvice('trim', $isWidth, $off)];
        }
        if (! $off->isGreaterThan(Length::fraction(1, 8))) {
            return [...$advice, new FitAdvice('ease', $isWidth, $off)];
        }
        if (! $off->isLessThan($half)) {
            // Sewn to one side, a strip loses two allowances in its seams and brings one edge with it.
            return [...$advice, new FitAdvice(
                'strip', $isWidth, $off, $off->plus($seam->times(2)),
            ), new FitAdvice('resew', $isWidth, $off)];
        }

        // Both strips show ½ in, and their outer seams take nothing more than the part's own would.
        return [
            ...$advice, new FitAdvice('resew', $isWidth, $off),
            new FitAdvice('strips', $isWidth, $half->minus($off->dividedBy(2)), $half->plus($seam->times(2))),
        ];
    }
}
