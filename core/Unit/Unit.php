<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Size;
use InvalidArgumentException;

/** A sewn (or plainly cut) part of a block, upright, at its finished size. */
interface Unit
{
    public function kind(): UnitKind;

    public function finished(): Size;

    /**
     * Its fabrics, in the order of the roles they play.
     *
     * @return list<Slot>
     */
    public function slots(): array;

    /**
     * What it looks like: areas in finished inches from its top left corner, which together cover it exactly.
     *
     * @return list<Patch>
     */
    public function patches(): array;

    /**
     * Pieces, yield and steps by one method.
     *
     * @throws InvalidArgumentException when this kind is not made that way
     */
    public function making(Method $method, CuttingRoom $room): Making;
}
