<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** Cuts as much as possible of what is wanted from one rectangle of cloth, in strips across it or along it. */
final class SheetFill
{
    /**
     * Everything that is wanted, when the rectangle holds it.
     *
     * @param  list<Wanted>  $wanted
     */
    public static function all(array $wanted, Aim $aim, int $across, int $along, int $width, int $length): ?SheetCut
    {
        foreach ([false, true] as $lengthwise) {
            [$long, $high] = $lengthwise ? [$length, $width] : [$width, $length];
            $pieces = self::laid($wanted, $lengthwise);
            if (count($pieces) < count($wanted) || LengthBound::area($pieces, $long) > $high || ! self::fitsEach($pieces, $long, $high)) {
                continue;
            }
            $strips = $aim === Aim::Cloth ? BoltCuts::strips($pieces, $long) : PlainStrips::of($pieces, $long);
            if (BoltCuts::length($strips) <= $high) {
                return new SheetCut($across, $along, $width, $length, $lengthwise, $strips);
            }
        }

        return null;
    }

    /**
     * As much of it, by the area of the pieces, as strips chosen one after the other give.
     *
     * @param  list<Wanted>  $wanted
     */
    public static function most(array $wanted, Aim $aim, int $across, int $along, int $width, int $length): SheetCut
    {
        $best = new SheetCut($across, $along, $width, $length, false, []);
        $most = 0;
        foreach ([false, true] as $lengthwise) {
            [$long, $high] = $lengthwise ? [$length, $width] : [$width, $length];
            $pieces = array_values(array_filter(
                self::laid($wanted, $lengthwise),
                fn (Wanted $piece): bool => $piece->count > 0 && self::fitsEach([$piece], $long, $high),
            ));
            foreach ([false, true] as $highest) {
                $strips = $pieces === [] ? [] : self::strips($pieces, $long, $high, $highest, $aim);
                $area = self::area($strips, $pieces);
                if ($area > $most) {
                    [$most, $best] = [$area, new SheetCut($across, $along, $width, $length, $lengthwise, $strips)];
                }
            }
        }

        return $best;
    }

    /**
     * The pieces as they lie in strips of that direction: one that must not turn stands on its side in strips along the bolt.
     *
     * @param  list<Wanted>  $wanted
     * @return list<Wanted>
     */
    private static function laid(array $wanted, bool $lengthwise): array
    {
        $laid = [];
        foreach ($wanted as $piece) {
            $lies = ! $lengthwise || $piece->turns ? $piece : $piece->onItsSide();
            if ($lies !== null) {
                $laid[] = $lies;
            }
        }

        return $laid;
    }

    /** @param  list<Wanted>  $pieces */
    private static function fitsEach(array $pieces, int $width, int $height): bool
    {
        foreach ($pieces as $piece) {
            $turned = $piece->turned();
            if (($piece->length > $width || $piece->height > $height)
                && ($turned === null || $turned->length > $width || $turned->height > $height)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  non-empty-list<Wanted>  $pieces
     * @return list<Strip>
     */
    private static function strips(array $pieces, int $width, int $height, bool $highest, Aim $aim): array
    {
        $lays = array_map(fn (Wanted $piece): array => Lays::of($piece, $width), $pieces);
        $worth = array_map(fn (Wanted $piece): float => (float) $piece->height * $piece->pitch / $piece->group, $pieces);
        $fill = new StripFill($pieces, $lays, $worth);
        $left = array_map(fn (Wanted $piece): int => $piece->count, $pieces);
        $strips = [];
        while ($height > 0) {
            $best = [0.0, null, []];
            foreach (array_reverse(Lays::ownHeights($lays)) as $high) {
                if ($high > $height) {
                    continue;
                }
                [$value, $sections, $taken] = $fill->fill($width, $high, array_values($left), ...$aim === Aim::Cloth ? [] : [0]);
                $density = $value / ($high * $width);
                if ($taken !== [] && $density > $best[0] + 1e-9) {
                    $best = [$density, new Strip($high, $width, $sections), $taken];
                }
                if ($taken !== [] && $highest) {
                    break;
                }
            }
            if ($best[1] === null) {
                break;
            }
            $strips[] = $best[1];
            $height -= $best[1]->height;
            foreach ($best[2] as $kind => $count) {
                $left[$kind] -= $count;
            }
        }

        return Tidy::strips($strips, $pieces);
    }

    /**
     * @param  list<Strip>  $strips
     * @param  list<Wanted>  $pieces
     */
    private static function area(array $strips, array $pieces): int
    {
        $each = array_column(array_map(fn (Wanted $piece): array => [$piece->id, $piece->height * $piece->length], $pieces), 1, 0);
        $area = 0;
        foreach ($strips as $strip) {
            foreach ($strip->pieces() as $id => $count) {
                $area += $each[$id] * $count;
            }
        }

        return $area;
    }
}
