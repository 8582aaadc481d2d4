<?php

declare(strict_types=1);

namespace Dew\Core\Hands;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/**
 * What to do with a part of a group quilt that measures otherwise than asked, so that it fits the parts beside it. All measures are raw
 * edge to raw edge.
 *
 * Up to 1⁄16 in is within what anybody measures. A part that is off as much as its neighbours are fits them: its width is sewn to those above
 * and below it, its height to those beside it. What is larger is trimmed; what
 * is smaller by up to ⅛ in is eased in; by ½ in and more it gets a plain strip that makes up the difference exactly; in between a strip
 * would finish too narrow to sew, so the part is trimmed on both sides until two strips of ½ in fit, or sewn anew.
 */
final class PartFit
{
    /**
     * @param  list<Length>  $widths  how wide the parts above and below it are that came back
     * @param  list<Length>  $heights  how high those at its left and right are
     * @param  Length  $step  between two marks of the ruler: what is proposed lies on marks and comes out exactly
     * @return list<FitAdvice> for the width, then for the height; several ones for a direction where there is a choice, the best first
     */
    public static function of(Size $asked, Size $measured, array $widths, array $heights, Length $seam, Length $step): array
    {
        return [
            ...self::along($asked->width, $measured->width, $widths, $seam, $step, true),
            ...self::along($asked->height, $measured->height, $heights, $seam, $step, false),
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
    private static function along(Length $asked, Length $measured, array $neighbours, Length $seam, Length $step, bool $isWidth): array
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
            [$most, $least] = self::halves($off, $step);

            return [...$advice, new FitAdvice('trim', $isWidth, $off, sides: [$most, $least])];
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

        // Both strips show ½ in or a little more, and their outer seams take nothing more than the part's own would.
        $cut = $half->plus($seam->times(2))->ceilTo($step);
        $sides = self::halves($cut->minus($seam->times(2))->times(2)->minus($off), $step);

        return [...$advice, new FitAdvice('resew', $isWidth, $off), new FitAdvice('strips', $isWidth, $off, $cut, $sides)];
    }

    /** @return array{Length, Length} two parts of a length, as equal as the marks of the ruler allow */
    private static function halves(Length $whole, Length $step): array
    {
        $least = $whole->dividedBy(2)->floorTo($step);

        return [$whole->minus($least), $least];
    }
}
