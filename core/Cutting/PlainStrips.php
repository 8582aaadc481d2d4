<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/**
 * Cuts pieces from strips as high as they are, those of one height one after the other, and recuts nothing: the plan with the fewest
 * settings of the ruler. A piece that may turn lies in strips that are cut anyway, where it can.
 */
final class PlainStrips
{
    /**
     * @param  list<Wanted>  $pieces  each of which fits the cloth at least one way
     * @return list<Strip> the highest first
     */
    public static function of(array $pieces, int $width): array
    {
        $pieces = array_values(array_filter($pieces, fn (Wanted $piece): bool => $piece->count > 0));
        $byHeight = self::grouped($pieces, $width);
        krsort($byHeight);
        $strips = [];
        foreach ($byHeight as $height => $lays) {
            usort($lays, fn (Wanted $one, Wanted $other): int => [$other->length, $one->id] <=> [$one->length, $other->id]);
            array_push($strips, ...self::rows($height, $lays, $width, $pieces));
        }

        return $strips;
    }

    /**
     * How many different measures somebody sets the ruler to: heights of strips, lengths cut off them, and widths at which a strip is parted
     * to be cut narrower. What is left at the end is parted by the cut before it.
     *
     * @param  list<Strip>  $strips
     * @param  list<Wanted>  $pieces
     */
    public static function settings(array $strips, array $pieces): int
    {
        $lengths = [];
        foreach ($pieces as $piece) {
            $lengths[$piece->id.' '] = $piece->pitch;
            $lengths[$piece->id.' 1'] = $piece->height;
        }
        $settings = [];
        $walk = function (Strip $strip) use (&$walk, &$settings, $lengths): void {
            $settings['high '.$strip->height] = true;
            $room = $strip->width;
            foreach ($strip->sections as $section) {
                if ($section->piece !== null && $section->width < $strip->width) {
                    $settings['long '.$lengths[$section->piece.' '.($section->turned ? '1' : '')]] = true;
                } elseif ($section->piece === null && $section->width < $room) {
                    $settings['long '.$section->width] = true;
                }
                array_map($walk, $section->strips);
                $room -= $section->width;
            }
        };
        array_map($walk, $strips);

        return count($settings);
    }

    /**
     * @param  list<Wanted>  $pieces
     * @return array<int, non-empty-list<Wanted>> the lay of each piece, by height
     */
    private static function grouped(array $pieces, int $width): array
    {
        $fixed = [];
        foreach ($pieces as $piece) {
            $lays = Lays::of($piece, $width);
            if (count($lays) === 1) {
                $fixed[$lays[0]->height] = true;
            }
        }
        $byHeight = [];
        foreach ($pieces as $piece) {
            $lays = Lays::of($piece, $width);
            $shared = array_values(array_filter($lays, fn (Wanted $lay): bool => isset($fixed[$lay->height])));
            usort($lays, fn (Wanted $one, Wanted $other): int => self::alone($one, $width) <=> self::alone($other, $width));
            $lay = $shared[0] ?? $lays[0];
            $fixed[$lay->height] = true;
            $byHeight[$lay->height][] = $lay;
        }

        return $byHeight;
    }

    /** The length of cloth that strips of this piece alone take. */
    private static function alone(Wanted $lay, int $width): int
    {
        $fit = $lay->fit($width);

        return intdiv($lay->count + $fit - 1, $fit) * $lay->height;
    }

    /**
     * @param  non-empty-list<Wanted>  $lays  the longest first
     * @param  list<Wanted>  $pieces  upright
     * @return list<Strip>
     */
    private static function rows(int $height, array $lays, int $width, array $pieces): array
    {
        $upright = array_column(array_map(fn (Wanted $piece): array => [$piece->id, $piece->height], $pieces), 1, 0);
        $left = array_map(fn (Wanted $lay): int => $lay->count, $lays);
        $strips = [];
        while (array_sum($left) > 0) {
            $sections = [];
            $room = $width;
            foreach ($lays as $number => $lay) {
                $count = min($left[$number], $lay->fit($room));
                if ($count > 0) {
                    $sections[] = Section::run($lay, $count, $lay->height !== $upright[$lay->id]);
                    $room -= $lay->run($count);
                    $left[$number] -= $count;
                }
            }
            $strips[] = new Strip($height, $width, $sections);
        }

        return $strips;
    }
}
