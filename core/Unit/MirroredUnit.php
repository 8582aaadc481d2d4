<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Size;

/** The mirror image of a unit, left to right: drawn turned over, its left and right pieces cut the other way round. */
final readonly class MirroredUnit implements Unit
{
    public function __construct(public Unit $unit)
    {
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

    public function making(Method $method, CuttingRoom $room): Making
    {
        return $this->unit->making($method, $room)->turnedOver();
    }
}
