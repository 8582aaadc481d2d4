<?php

declare(strict_types=1);

namespace App\Drawing;

use Dew\Core\Geometry\Outline;

/** A filled area, or a line to sew or cut along. */
final readonly class Shape
{
    /** @param  string  $path  as SVG takes it */
    public function __construct(
        public string $path,
        public string $fill,
    ) {
    }

    public static function of(Outline $outline, string $fill, float $margin = 0.0): self
    {
        return new self(self::path($outline, $margin), $fill);
    }

    /** A circle around a point, in inches, as SVG takes it. */
    public static function ring(float $x, float $y, float $radius): string
    {
        [$r, $left, $right, $y] = array_map(self::at(...), [$radius, $x - $radius, $x + $radius, $y]);

        return "M$left {$y}A$r $r 0 1 1 $right {$y}A$r $r 0 1 1 $left {$y}Z";
    }

    public static function path(Outline $outline, float $margin = 0.0): string
    {
        $path = '';
        $count = count($outline->corners);
        foreach ($outline->corners as $index => $corner) {
            $arc = $outline->arcs[$index - 1] ?? null;
            $path .= ($index === 0 ? 'M' : self::edge($arc === null ? null : [$arc->radius->toFloat(), $arc->clockwise])).self::at(
                $corner->x->toFloat() + $margin,
            ).' '.self::at($corner->y->toFloat() + $margin);
        }
        $last = $outline->arcs[$count - 1] ?? null;
        if ($last !== null) {
            $path .= self::edge(
                [$last->radius->toFloat(), $last->clockwise],
            ).self::at($outline->corners[0]->x->toFloat() + $margin).' '.self::at($outline->corners[0]->y->toFloat() + $margin);
        }

        return $path.'Z';
    }

    /**
     * One path for each colour, of shapes that do not lie on each other.
     *
     * @param  iterable<self>  $shapes
     * @return array<string, string> by colour
     */
    public static function byFill(iterable $shapes): array
    {
        $paths = [];
        foreach ($shapes as $shape) {
            $paths[$shape->fill] = ($paths[$shape->fill] ?? '').$shape->path;
        }

        return $paths;
    }

    /**
     * One path for each fabric, of patches that do not lie on each other.
     *
     * @param  list<array{path: string, slot: string}>  $patches
     * @return array<string, string> by fabric
     */
    public static function bySlot(array $patches): array
    {
        $paths = [];
        foreach ($patches as $patch) {
            $paths[$patch['slot']] = ($paths[$patch['slot']] ?? '').$patch['path'];
        }

        return $paths;
    }

    /** Inches to drawing units, short enough to keep pages small. */
    public static function at(float $inches): string
    {
        return rtrim(rtrim(number_format($inches * Picture::PER_INCH, 2, '.', ''), '0'), '.');
    }

    /** @param  array{float, bool}|null  $arc  radius and whether clockwise */
    private static function edge(?array $arc): string
    {
        return $arc === null ? 'L' : sprintf('A%1$s %1$s 0 0 %2$d ', self::at($arc[0]), $arc[1] ? 1 : 0);
    }
}
