<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Measurement;
use InvalidArgumentException;
use WeakMap;

/** What was worked out for units in one cutting room, each once: blocks ask for their parts again and again. */
final class Workings
{
    /** @var WeakMap<Unit, array<string, Making|InvalidArgumentException>> by unit and method */
    private WeakMap $known;

    /** @var array<string, float> by kind and shape */
    private array $cutAreas = [];

    /** @var WeakMap<Unit, string> */
    private WeakMap $digests;

    public function __construct(
        public readonly CuttingRoom $room,
    ) {
        $this->known = new WeakMap;
        $this->digests = new WeakMap;
    }

    /** What a unit is told by, whatever quilt it is in: see {@see Unit::digest()}. */
    public function digest(Unit $unit): string
    {
        return $this->digests[$unit] ??= $unit->digest($this->room);
    }

    /**
     * Square inches of the pieces of one unit. Units of one kind and shape share the answer, whatever their fabrics.
     *
     * @param  list<Patch>  $patches  its patches; none for a block, which brings no area of its own
     */
    public function cutArea(Unit $unit, array $patches): float
    {
        if ($patches === []) {
            return $unit->cutArea($this->room);
        }
        $shapes = implode('|', array_map(fn (Patch $patch): string => $patch->outline->encode(), $patches));

        return $this->cutAreas[$unit->kind()->value.'|'.$shapes] ??= $unit->cutArea($this->room);
    }

    /**
     * Width and height that a unit brings along by its usual method when it is joined to others, raw edge to raw edge: the marks that are
     * shown for it, so that a person who adds them up comes to what is shown for the whole. A block, which is never trimmed to a mark, is what
     * its parts come to.
     *
     * @return array{Measurement, Measurement}
     */
    public function joined(Unit $unit): array
    {
        try {
            $sewn = $this->firstPossible($unit)->sewn;
        } catch (InvalidArgumentException) {
            // It cannot be made on this cloth at all: its exact size is all there is to say.
            $sewn = null;
        }
        $size = $unit->finished()->outsetBy($this->room->seam);
        [$width, $height] = $sewn ?? [Measurement::exact($size->width), Measurement::exact($size->height)];

        return $unit->kind()->isDeclared ? [$width->toMark(), $height->toMark()] : [$width, $height];
    }

    /** @throws InvalidArgumentException when the unit is not made by this method, or cannot be on this cloth */
    public function of(Unit $unit, Method $method): Making
    {
        $known = $this->known[$unit][$method->value] ?? null;
        if ($known === null) {
            try {
                $known = $unit->making($method, $this->room);
            } catch (InvalidArgumentException $error) {
                $known = $error;
            }
            $this->known[$unit] = [...$this->known[$unit] ?? [], $method->value => $known];
        }

        return $known instanceof Making ? $known : throw $known;
    }

    /**
     * By a method, or by the first other of the unit's methods that is possible where that one is not, as when no segment of a strip set
     * fits across the cloth.
     *
     * @throws InvalidArgumentException when the unit can be made in no way
     */
    public function firstPossible(Unit $unit, ?Method $method = null): Making
    {
        $problem = null;
        foreach ([...$method === null ? [] : [$method], ...$unit->kind()->methods()] as $possible) {
            try {
                return $this->of($unit, $possible);
            } catch (InvalidArgumentException $error) {
                $problem ??= $error;
            }
        }

        throw $problem;
    }
}
