<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\Overhang;
use Dew\Core\Measure\Size;
use InvalidArgumentException;

/** A sewn (or plainly cut) part of a block, upright, at its finished size. */
interface Unit
{
    public function kind(): UnitKind;

    /** The finished size of the box it fills. */
    public function finished(): Size;

    /**
     * Its fabrics, in the order of the roles they play.
     *
     * @return list<Slot>
     */
    public function slots(): array;

    /**
     * What it looks like: areas in finished inches from its top left corner, which together cover its outline exactly.
     *
     * @return list<Patch>
     */
    public function patches(): array;

    /** Its finished outline: a rectangle, but for diamonds, triangles and the like. */
    public function outline(): Outline;

    /**
     * Pieces, yield and steps by one method.
     *
     * @throws InvalidArgumentException when this kind is not made that way, or not on this cloth
     */
    public function making(Method $method, CuttingRoom $room): Making;

    /** Its seams and their length. */
    public function seamwork(): Seamwork;

    /**
     * Square inches of the pieces of one unit, cut exactly, their tips blunted at its raw edge; infinite for what is put together from
     * parts.
     */
    public function cutArea(CuttingRoom $room): float;

    /**
     * How far tips stand out at its slanted seams, one entry for each seam that differs.
     *
     * @return list<Overhang>
     */
    public function overhangs(CuttingRoom $room): array;

    /**
     * Patches that are cut round a template whose sharp tips are blunted at the unit's raw edge.
     *
     * @return list<int> by their numbers
     */
    public function bluntedPatches(): array;

    /**
     * A short text that is the same for the same finished unit in the same fabrics, so that counted units keep counting while they would
     * still fit. Neither the count nor the method is in it.
     */
    public function digest(CuttingRoom $room): string;

    /**
     * What was made before and lies in it.
     *
     * @return array<string, positive-int> how many of each, by product key
     */
    public function contents(): array;

    /**
     * What the same work gives besides, one for each unit: the quarter circle the other way round, the other half of a square of a strip
     * set. Null where nothing else comes out.
     */
    public function byproduct(Method $method, CuttingRoom $room): ?self;

    /** Whether it can only be made from what another unit's work gives besides. */
    public function isMadeOfByproducts(): bool;
}
