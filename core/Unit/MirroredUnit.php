<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Size;

/** The mirror image of a unit, left to right: drawn turned over, its left and right pieces cut the other way round. */
final readonly class MirroredUnit implements Unit
{
    use Patchwork;

    /** @param  array<string, string>  $keys  product keys of what the mirror image is made of, by those of what the unit is made of */
    public function __construct(
        private Unit $unit,
        private array $keys = [],
    ) {
    }

    public function kind(): UnitKind
    {
        return $this->unit->kind();
    }

    public function finished(): Size
    {
        return $this->unit->finished();
    }

    public function slots(): array
    {
        return $this->unit->slots();
    }

    public function patches(): array
    {
        $over = Orientation::of(0, true);

        return array_map(fn (Patch $patch): Patch => $patch->oriented($over, $this->unit->finished()), $this->unit->patches());
    }

    public function outline(): Outline
    {
        return $this->unit->outline()->oriented(Orientation::of(0, true), $this->unit->finished());
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        return $this->unit->making($method, $room)->turnedOver($this->keys);
    }

    public function seamwork(): Seamwork
    {
        return $this->unit->seamwork();
    }

    public function cutArea(CuttingRoom $room): float
    {
        return $this->unit->cutArea($room);
    }

    public function contents(): array
    {
        $contents = [];
        foreach ($this->unit->contents() as $key => $count) {
            $contents[$this->keys[$key] ?? $key] = $count;
        }

        return $contents;
    }

    public function bluntedPatches(): array
    {
        return $this->unit->bluntedPatches();
    }

    public function byproduct(Method $method, CuttingRoom $room): ?Unit
    {
        $other = $this->unit->byproduct($method, $room);

        return $other === null ? null : new self($other);
    }

    public function isMadeOfByproducts(): bool
    {
        return $this->unit->isMadeOfByproducts();
    }
}
