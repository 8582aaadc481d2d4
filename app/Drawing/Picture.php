<?php

declare(strict_types=1);

namespace App\Drawing;

/** A drawing ready for SVG: everything in hundredths of an inch from the top left corner. */
final readonly class Picture
{
    public const PER_INCH = 100;

    /**
     * @param  list<Shape>  $shapes
     * @param  list<Letter>  $letters
     * @param  list<Line>  $lines
     * @param  string  $description  for those who do not see it
     */
    public function __construct(
        public float $width,
        public float $height,
        public array $shapes,
        public array $letters,
        public array $lines,
        public string $description,
    ) {
    }
}
