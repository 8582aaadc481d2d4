<?php

declare(strict_types=1);

namespace Dew\Core\Press;

use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;

/** The units and blocks of a design at one scale as they are sewn: worked out once, and copied into the model of every size of that scale. */
final class PressParts
{
    /** Every unit and block once; its seams and crossings are numbered through all of them. */
    public readonly PressModel $model;

    /** @var array<string, list<Patch>> by product key */
    private array $units = [];

    /** @var array<string, list<Placement>> by product key */
    private array $blocks = [];

    /** @var array<string, PressPart> by product key */
    private array $parts = [];

    /** @var array<string, EdgeIndex> by product key */
    private array $indexes = [];

    /** @var array<int, list<array{int, int}>> by the number of the seam */
    private array $between = [];

    /** @param  array<string, int>  $depths  0 for light, 1 for medium, 2 for dark, by fabric slot */
    public function __construct(array $depths)
    {
        $this->model = PressModel::of([], [], [], [], $depths);
    }

    /**
     * The same parts with the units and blocks of another size; others where one of them is another under the same key.
     *
     * @param  array<string, list<Patch>>  $units  by product key
     * @param  array<string, list<Placement>>  $blocks  likewise
     * @param  array<string, int>  $depths
     */
    public function with(array $units, array $blocks, array $depths): self
    {
        foreach ([[$units, $this->units], [$blocks, $this->blocks]] as [$new, $known]) {
            foreach ($new as $key => $list) {
                if (isset($known[$key]) && $known[$key] !== $list) {
                    return (new self($depths))->with($units, $blocks, $depths);
                }
            }
        }
        $this->units += $units;
        $this->blocks += $blocks;

        return $this;
    }

    public function part(string $product): PressPart
    {
        if (! isset($this->parts[$product])) {
            foreach ($this->blocks[$product] ?? [] as $inner) {
                $this->part($inner->product);
            }
            [$seam, $crossing] = [count($this->model->seams), count($this->model->crossings)];
            $assembly = $this->model->sew($product, $this->units, $this->blocks);
            $this->parts[$product] = new PressPart($seam, count($this->model->seams), $crossing, count($this->model->crossings), $assembly->withLines());
        }

        return $this->parts[$product];
    }

    /** @return list<array{int, int}> the pairs of patches or cells that one of these seams joins */
    public function between(int $seam): array
    {
        if (! isset($this->between[$seam])) {
            $one = $this->model->seams[$seam];
            $this->between[$seam] = ($this->indexes[$one->of] ??= new EdgeIndex($this->model->items[$one->of] ?? []))->beside($one);
        }

        return $this->between[$seam];
    }
}
