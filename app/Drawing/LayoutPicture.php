<?php

declare(strict_types=1);

namespace App\Drawing;

use Dew\Core\Fabric\Colourway;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Sheet\LayoutSheet;

/** Draws blocks laid out: each block once, then its places. */
final readonly class LayoutPicture
{
    /**
     * @param  string  $box  the part of the plane that is shown, as SVG takes it
     * @param  array<string, list<Shape>>  $units  by the name they have in the drawing
     * @param  array<string, list<array{of: string, transform: string}>>  $blocks  likewise, those inside others first
     * @param  list<array{of: string, transform: string, middle: array{string, string}}>  $places
     * @param  list<Shape>  $frame  sashes, setting triangles, borders
     * @param  string  $outline  of an upright block, as a path
     */
    private function __construct(
        public string $box,
        public array $units,
        public array $blocks,
        public array $places,
        public array $frame,
        public string $outline,
    ) {
    }

    /**
     * @param  list<Placement>  $placements  where every block lies
     * @param  bool  $plain  in colours alone, without photographs of cloth, as a print takes it
     * @param  string  $prefix  of every name in the drawing, where several stand on one page
     */
    public static function of(LayoutSheet $sheet, array $placements, Colourway $colourway, string $prefix = '', bool $plain = false): self
    {
        $shape = fn (Patch $patch): Shape => Shape::of(
            $patch->outline, $plain ? $colourway->cloths[$patch->slot]->colour : $colourway->cloths[$patch->slot]->fill(),
        );
        $names = [];
        foreach ([...array_keys($sheet->units), ...array_keys($sheet->blocks)] as $index => $key) {
            $names[$key] = $prefix.'l'.$index;
        }
        $transform = fn (Placement $placement): string => sprintf(
            'translate(%s %s)%s', Shape::at($placement->x->toFloat()), Shape::at($placement->y->toFloat()),
            $placement->turn === 0 ? '' : sprintf(' rotate(%d)', $placement->turn),
        );
        [$wide, $high] = [$sheet->block->width->toFloat(), $sheet->block->height->toFloat()];
        $inner = fn (Placement $placement): array => ['of' => $names[$placement->product] ?? '', 'transform' => $transform($placement)];
        $places = [];
        foreach ($placements as $placement) {
            [$cos, $sin] = [cos(deg2rad($placement->turn)), sin(deg2rad($placement->turn))];
            $places[] = $inner($placement) + ['middle' => [
                Shape::at($placement->x->toFloat() + ($cos * $wide - $sin * $high) / 2),
                Shape::at($placement->y->toFloat() + ($sin * $wide + $cos * $high) / 2),
            ]];
        }
        $units = $blocks = [];
        foreach ($sheet->units as $key => $patches) {
            $units[$names[$key]] = array_map($shape, $patches);
        }
        foreach ($sheet->blocks as $key => $parts) {
            $blocks[$names[$key]] = array_map($inner, $parts);
        }

        return new self(
            sprintf(
                '-4 -4 %s %s', Shape::at($sheet->finished->width->toFloat() + 0.08), Shape::at($sheet->finished->height->toFloat() + 0.08),
            ),
            $units, $blocks, $places, array_map($shape, $sheet->frame),
            sprintf('M0 0H%sV%sH0Z', Shape::at($wide), Shape::at($high)),
        );
    }
}
