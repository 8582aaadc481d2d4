<?php

declare(strict_types=1);

namespace App\Drawing;

use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Point;

/** A filled area. */
final readonly class Shape
{
    /** @param  string  $points as SVG takes them */
    public function __construct(
        public string $points,
        public string $fill,
    ) {
    }

    public static function of(Outline $outline, string $fill, float $margin = 0.0): self
    {
        return new self(implode(' ', array_map(
            fn (Point $corner): string => self::at($corner->x->toFloat() + $margin).','.self::at($corner->y->toFloat() + $margin),
            $outline->corners,
        )), $fill);
    }

    /** Inches to drawing units, short enough to keep pages small. */
    public static function at(float $inches): string
    {
        return rtrim(rtrim(number_format($inches * Picture::PER_INCH, 2, '.', ''), '0'), '.');
    }
}
