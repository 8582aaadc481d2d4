<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Sixty\SixtyGrid;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Unit\Unit;

/**
 * A block on 60° axes: a triangle, a diamond or half a triangle whose side is divided into equal parts. What lies in it is a triangle, a
 * diamond or half a triangle again: units of the library, or other blocks on 60° axes.
 */
final readonly class SixtyBlock
{
    use InWays;

    public SixtyShape $shape;

    /**
     * @param  string  $id  key among the products of its design
     * @param  Length  $edge  finished, of one division
     * @param  list<SixtyPart>  $parts  together every place of the grid once
     * @param  bool  $mirrored  of half a triangle: whether it is the left one
     * @param  array<string, Way>  $ways  other ways to turn its parts, by id
     */
    public function __construct(
        public string $id,
        public string $name,
        public SixtyGrid $grid,
        public Length $edge,
        public array $parts,
        public bool $mirrored = false,
        public array $ways = [],
    ) {
        $this->shape = $grid->whole()->shape;
    }

    /** The finished box it fills. */
    public function finished(): Size
    {
        return $this->shape->box($this->edge->times($this->grid->rows));
    }

    public function outline(): Outline
    {
        return $this->grid->whole($this->mirrored)->outline($this->edge);
    }

    /** The finished box of what must lie in a part, as that is drawn. */
    public function partSize(SixtyPart $part): Size
    {
        return $part->spot->shape->box($this->edge->times($part->spot->size));
    }

    /**
     * How many of each unit or block lie in it.
     *
     * @return array<string, positive-int> by product key
     */
    public function contents(): array
    {
        $contents = [];
        foreach ($this->parts as $part) {
            $contents[$part->product] = ($contents[$part->product] ?? 0) + 1;
        }

        return $contents;
    }

    public function scaled(int $numerator, int $denominator): self
    {
        return new self(
            $this->id, $this->name, $this->grid, $this->edge->times($numerator, $denominator), $this->parts, $this->mirrored,
            $this->ways,
        );
    }

    /** With its parts turned as in one of its ways; as it is designed where it has no such way. */
    public function inWay(string $way): self
    {
        $parts = [];
        foreach ($this->parts as $index => $part) {
            $other = $this->ways[$way]->parts[$index] ?? $part;
            $parts[] = $other instanceof SixtyPart ? $other : $part;
        }

        return new self($this->id, $this->name, $this->grid, $this->edge, $parts, $this->mirrored);
    }

    /**
     * Where everything in it lies.
     *
     * @param  array<string, Unit>  $products  units and blocks by key
     * @return list<Placement>
     */
    public function placements(array $products): array
    {
        return array_map(
            fn (SixtyPart $part): Placement => $part->spot->placement($part->product, $products[$part->product], $this->edge),
            $this->parts,
        );
    }

    /**
     * @param  array<string, Unit>  $products  units and blocks by key
     * @return list<Patch> in finished inches from the top left corner of its box
     */
    public function patches(array $products): array
    {
        return array_merge(...array_map(
            fn (SixtyPart $part): array => $part->spot->patches($products[$part->product], $this->edge),
            $this->parts,
        ));
    }
}
