<?php

declare(strict_types=1);

namespace App\Drawing;

use Dew\Core\Fabric\Colourway;
use Dew\Core\Geometry\Patch;
use Dew\Core\Plan\QuiltSheet;
use Dew\Core\Setting\Placement;

/** Draws a whole quilt: each block once, then its places. */
final readonly class QuiltPicture
{
    /**
     * @param  array<string, list<Shape>>  $blocks  by block id
     * @param  list<array{block: string, x: string, y: string}>  $places
     * @param  list<Shape>  $borders
     */
    private function __construct(
        public float $width,
        public float $height,
        public array $blocks,
        public array $places,
        public array $borders,
    ) {
    }

    public static function of(QuiltSheet $sheet, Colourway $colourway): self
    {
        $shape = fn (Patch $patch): Shape => Shape::of($patch->outline, $colourway->cloths[$patch->slot]->colour);

        return new self(
            $sheet->finished->width->toFloat() * Picture::PER_INCH,
            $sheet->finished->height->toFloat() * Picture::PER_INCH,
            array_map(fn (array $patches): array => array_map($shape, $patches), $sheet->blocks),
            array_map(fn (Placement $place): array => [
                'block' => $place->block,
                'x' => Shape::at($place->x->toFloat()),
                'y' => Shape::at($place->y->toFloat()),
            ], $sheet->placements),
            array_map($shape, $sheet->borders),
        );
    }
}
