<?php

declare(strict_types=1);

namespace App\Drawing;

/** Dark or light lettering, whichever stands out more on a cloth. */
final class Ink
{
    private const DARK = '#1c2624';

    private const LIGHT = '#ffffff';

    /** @param  string  $colour `#rrggbb` */
    public static function on(string $colour): string
    {
        $luminance = self::luminance($colour);

        return ($luminance + 0.05) / (self::luminance(self::DARK) + 0.05) >= 1.05 / ($luminance + 0.05) ? self::DARK : self::LIGHT;
    }

    /** Relative luminance as WCAG defines it, 0 to 1. */
    private static function luminance(string $colour): float
    {
        [$red, $green, $blue] = array_map(function (string $pair): float {
            $share = hexdec($pair) / 255;

            return $share <= 0.04045 ? $share / 12.92 : (($share + 0.055) / 1.055) ** 2.4;
        }, [substr($colour, 1, 2), substr($colour, 3, 2), substr($colour, 5, 2)]);

        return 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue;
    }
}
