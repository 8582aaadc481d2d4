<?php

declare(strict_types=1);

namespace App\Drawing\Host;

use App\Drawing\Picture;
use App\Drawing\Shape;
use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;

/** Draws a whole quilt: each block once, then its places. */
final readonly class QuiltPicture
{
    /**
     * @param  array<string, list<Shape>>  $units  by the name they have in the drawing
     * @param  array<string, list<array{of: string, transform: string}>>  $blocks  likewise, those inside others first
     * @param  list<array{of: string, transform: string, clip: string|null}>  $places  with the path of what is seen of a block that loses
     *     at its joins
     * @param  list<Shape>  $frame  sashes, setting triangles, borders
     */
    private function __construct(
        public float $width,
        public float $height,
        public array $units,
        public array $blocks,
        public array $places,
        public array $frame,
        public string $prefix = '',
    ) {
    }

    /**
     * What of the plane is shown: the quilt, or as much as a wider one takes, with the quilt in its middle, so that several are drawn to
     * one scale.
     *
     * @param  float|null  $widest  inches
     */
    public function viewBox(?float $widest = null): string
    {
        $width = max($this->width, ($widest ?? 0.0) * Picture::PER_INCH);

        return sprintf('%s 0 %s %s', round(($this->width - $width) / 2, 2), $width, $this->height);
    }

    /** @param  string  $prefix  of every name in the drawing, where several stand on one page */
    public static function of(QuiltSheet $sheet, Colourway $colourway, string $prefix = ''): self
    {
        $shape = fn (Patch $patch): Shape => Shape::of($patch->outline, $colourway->cloths[$patch->slot]->colour);
        $names = [];
        foreach ([...array_keys($sheet->units), ...array_keys($sheet->blocks)] as $index => $key) {
            $names[$key] = $prefix.'p'.$index;
        }
        $place = fn (Placement $placement): array => [
            'of' => $names[$placement->product],
            'transform' => sprintf(
                'translate(%s %s)%s',
                Shape::at($placement->x->toFloat()),
                Shape::at($placement->y->toFloat()),
                $placement->turn === 0 ? '' : sprintf(' rotate(%d)', $placement->turn),
            ),
        ];
        $units = $blocks = [];
        foreach ($sheet->units as $key => $patches) {
            $units[$names[$key]] = array_map($shape, $patches);
        }
        foreach ($sheet->blocks as $key => $placements) {
            $blocks[$names[$key]] = array_map($place, $placements);
        }

        return new self(
            $sheet->finished->width->toFloat() * Picture::PER_INCH,
            $sheet->finished->height->toFloat() * Picture::PER_INCH,
            $units,
            $blocks,
            array_map(
                fn (Placement $placement): array => [...$place($placement), 'clip' => self::seen($sheet, $placement)],
                $sheet->placements,
            ),
            array_map($shape, $sheet->frame),
            $prefix,
        );
    }

    /** What is seen of a block whose sides are taken into the joins; at the outside of the quilt all is seen that is there. */
    private static function seen(QuiltSheet $sheet, Placement $placement): ?string
    {
        if ($sheet->crop === null || ! $sheet->crop->isPositive() || $placement->turn !== 0) {
            return null;
        }
        $across = array_map(fn (Placement $other): Length => $other->x, $sheet->placements);
        $down = array_map(fn (Placement $other): Length => $other->y, $sheet->placements);
        [$left, $right] = self::between($placement->x, $across, $sheet->block->width, $sheet->finished->width, $sheet->crop);
        [$top, $bottom] = self::between($placement->y, $down, $sheet->block->height, $sheet->finished->height, $sheet->crop);

        return Shape::path(new Outline(
            new Point($left, $top), new Point($right, $top), new Point($right, $bottom), new Point($left, $bottom),
        ));
    }

    /**
     * From where to where it is seen in one direction.
     *
     * @param  list<Length>  $all  where blocks begin
     * @return array{Length, Length}
     */
    private static function between(Length $at, array $all, Length $side, Length $whole, Length $crop): array
    {
        $before = array_filter($all, fn (Length $other): bool => $other->isLessThan($at));
        $after = array_filter($all, fn (Length $other): bool => $other->isGreaterThan($at));

        return [$before === [] ? Length::zero() : $at->plus($crop), $after === [] ? $whole : $at->plus($side)->minus($crop)];
    }
}
