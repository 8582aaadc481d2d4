<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\Overhang;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Seamwork;
use Dew\Core\Unit\Unit;
use InvalidArgumentException;

/** What belongs to one unit alone in one cutting room, whatever quilt it is in. Each answer is worked out once. */
final class UnitWork
{
    /** @var list<Patch>|null */
    private ?array $patches = null;

    /** @var array<string, Making> by method */
    private array $makings = [];

    private ?string $digest = null;

    /** @var list<Overhang>|null */
    private ?array $overhangs = null;

    private ?Seamwork $seamwork = null;

    private ?float $cutArea = null;

    /** @var array<string, float>|null */
    private ?array $areas = null;

    public function __construct(
        public readonly Unit $unit,
        private readonly CuttingRoom $room,
        private readonly Cache $shared,
    ) {
    }

    /** @return list<Patch> */
    public function patches(): array
    {
        return $this->patches ??= $this->unit->patches();
    }

    /**
     * How it is made by one method; by the first other that is possible where that one is not, as when no segment of a strip
     * set fits across the cloth.
     *
     * @throws InvalidArgumentException when it can be made in no way
     */
    public function making(Method $method): Making
    {
        return $this->makings[$method->value] ??= $this->firstPossible($method);
    }

    /** @return array<string, float> finished square inches by fabric */
    public function areas(): array
    {
        if ($this->areas === null) {
            $this->areas = [];
            foreach ($this->patches() as $patch) {
                $this->areas[$patch->slot] = ($this->areas[$patch->slot] ?? 0.0) + $patch->outline->area();
            }
        }

        return $this->areas;
    }

    public function digest(): string
    {
        return $this->digest ??= $this->unit->digest($this->room);
    }

    /** @return list<Overhang> */
    public function overhangs(): array
    {
        return $this->overhangs ??= $this->unit->overhangs($this->room);
    }

    public function seamwork(): Seamwork
    {
        return $this->seamwork ??= $this->unit->seamwork();
    }

    /** Square inches of the pieces of one unit; worked out once for units of the same shapes in other fabrics. */
    public function cutArea(): float
    {
        if ($this->cutArea === null) {
            $shapes = implode('|', array_map(fn (Patch $patch): string => $patch->outline->encode(), $this->patches()));
            $key = $this->unit->kind()->value.'|'.$shapes;
            $this->cutArea = $this->shared->cutAreas[$key] ??= $this->unit->cutArea($this->room);
        }

        return $this->cutArea;
    }

    private function firstPossible(Method $method): Making
    {
        $problem = null;
        foreach ([$method, ...$this->unit->kind()->methods()] as $possible) {
            try {
                return $this->unit->making($possible, $this->room);
            } catch (InvalidArgumentException $error) {
                $problem ??= $error;
            }
        }

        throw $problem;
    }
}
