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
     * @param  array<string, list<Shape>>  $blocks  by the name they have in the drawing
     * @param  list<array{block: string, transform: string}>  $places
     * @param  list<Shape>  $frame  sashes, setting triangles, borders
     */
    private function __construct(
        public float $width,
        public float $height,
        public array $blocks,
        public array $places,
        public array $frame,
    ) {
    }

    public static function of(QuiltSheet $sheet, Colourway $colourway): self
    {
        $shape = fn (Patch $patch): Shape => Shape::of($patch->outline, $colourway->cloths[$patch->slot]->colour);
        $names = [];
        foreach (array_keys($sheet->blocks) as $index => $key) {
            $names[$key] = 'block-'.$index;
        }

        return new self(
            $sheet->finished->width->toFloat() * Picture::PER_INCH,
            $sheet->finished->height->toFloat() * Picture::PER_INCH,
            array_combine($names, array_map(fn (array $patches): array => array_map($shape, $patches), $sheet->blocks)),
            array_map(fn (Placement $place): array => [
                'block' => $names[$place->block],
                'transform' => sprintf('translate(%s %s)%s', Shape::at($place->x->toFloat()), Shape::at($place->y->toFloat()), $place->turn === 0 ? '' : sprintf(' rotate(%d)', $place->turn)),
            ], $sheet->placements),
            array_map($shape, $sheet->frame),
        );
    }
}
