<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/** The units and blocks of a design at one scale as they are sewn: worked out once, and copied into the model of every size of that scale. */
final class PressParts
{
    /** Every unit and block once; its seams and crossings are numbered through all of them. */
    public readonly PressModel $model;

    private SewnTop $of;

    /** @var array<string, PressPart> by product key */
    private array $parts = [];

    /** @var array<string, EdgeIndex> by product key */
    private array $indexes = [];

    /** @var array<int, list<array{int, int}>> by the number of the seam */
    private array $between = [];

    public function __construct()
    {
        $this->of = new SewnTop([], [], []);
        $this->model = PressModel::of($this->of);
    }

    /** The same parts with the units and blocks of another size; others where one of them is another under the same key. */
    public function with(SewnTop $top): self
    {
        if ($this->of->contradicts($top)) {
            return (new self)->with($top);
        }
        $this->of = $this->of->with($top);

        return $this;
    }

    public function part(string $product): PressPart
    {
        if (! isset($this->parts[$product])) {
            foreach ($this->of->blocks[$product] ?? [] as $inner) {
                $this->part($inner->product);
            }
            [$seam, $crossing, $same] = [count($this->model->seams), count($this->model->crossings), count($this->model->same)];
            $assembly = $this->model->sew($product, $this->of);
            $this->parts[$product] = new PressPart(
                $seam, count($this->model->seams), $crossing, count($this->model->crossings), $same, count($this->model->same), $assembly->withLines(),
            );
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
