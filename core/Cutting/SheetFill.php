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
            if (LengthBound::area($wanted, $long) > $high) {
                continue;
            }
            $strips = self::strips($wanted, $aim, $width, $length, $lengthwise);
            if ($strips !== null && BoltCuts::length($strips) <= $high) {
                return new SheetCut($across, $along, $width, $length, $lengthwise, $strips);
            }
        }

        return null;
    }

    /**
     * Strips for everything that is wanted, from as much cloth as they take.
     *
     * @param  list<Wanted>  $wanted
     * @return list<Strip>|null none higher than the rectangle; null when a piece or a strip is too large for it
     */
    public static function strips(array $wanted, Aim $aim, int $width, int $length, bool $lengthwise): ?array
    {
        [$long, $high] = $lengthwise ? [$length, $width] : [$width, $length];
        $pieces = self::laid($wanted, $lengthwise);
        if (count($pieces) < count($wanted) || ! self::fitsEach($pieces, $long, $high)) {
            return null;
        }
        $strips = $aim->strips($pieces, $long);

        return array_filter($strips, fn (Strip $strip): bool => $strip->height > $high) === [] ? $strips : null;
    }

    /**
     * As much of it as strips chosen one after the other give.
     *
     * @param  list<Wanted>  $wanted
     * @param  array<string, float>  $worth  of one piece, by id; its area where it is left out
     */
    public static function most(
        array $wanted, Aim $aim, int $across, int $along, int $width, int $length, array $worth = [],
    ): SheetCut {
        $best = new SheetCut($across, $along, $width, $length, false, []);
        $most = 0.0;
        foreach ($wanted as $piece) {
            $worth[$piece->id] ??= (float) $piece->height * $piece->pitch / $piece->group;
        }
        foreach ([false, true] as $lengthwise) {
            [$long, $high] = $lengthwise ? [$length, $width] : [$width, $length];
            $pieces = array_values(array_filter(
                self::laid($wanted, $lengthwise),
                fn (Wanted $piece): bool => $piece->count > 0 && self::fitsEach([$piece], $long, $high),
            ));
            foreach ([false, true] as $highest) {
                $strips = $pieces === [] ? [] : self::filled($pieces, $long, $high, $highest, $aim, $worth);
                $value = self::value($strips, $worth);
                if ($value > $most + 1e-9) {
                    [$most, $best] = [$value, new SheetCut($across, $along, $width, $length, $lengthwise, $strips)];
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
     * @param  array<string, float>  $worth
     * @return list<Strip>
     */
    private static function filled(array $pieces, int $width, int $height, bool $highest, Aim $aim, array $worth): array
    {
        $lays = array_map(fn (Wanted $piece): array => Lays::of($piece, $width), $pieces);
        $fill = new StripFill($pieces, $lays, array_map(fn (Wanted $piece): float => $worth[$piece->id], $pieces));
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
     * @param  array<string, float>  $worth
     */
    private static function value(array $strips, array $worth): float
    {
        $value = 0.0;
        foreach ($strips as $strip) {
            foreach ($strip->pieces() as $id => $count) {
                $value += $worth[$id] * $count;
            }
        }

        return $value;
    }
}
