<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\Overhang;
use Dew\Core\Making\SewingPlan;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\SeamPairs;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\PressedByKind;
use Dew\Core\Unit\Seamwork;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\Workings;
use InvalidArgumentException;

/** What belongs to one unit alone in one cutting room, whatever quilt it is in. Each answer is worked out once. */
final class UnitWork
{
    /** @var list<Patch>|null */
    private ?array $patches = null;

    /** @var array<string, Making> by method */
    private array $makings = [];

    /** @var list<Making>|null */
    private ?array $ways = null;

    private ?Size $unfinished = null;

    /** @var array<string, positive-int>|null */
    private ?array $contents = null;

    /** @var array<string, array<string, int>> by method and piece id */
    private array $perStrip = [];

    private readonly CuttingRoom $room;

    /** @var list<Overhang>|null */
    private ?array $overhangs = null;

    private ?Seamwork $seamwork = null;

    private ?float $cutArea = null;

    /** @var array<string, float>|null */
    private ?array $areas = null;

    /** @var array<string, SewingPlan> by method */
    private array $sewing = [];

    public function __construct(
        public readonly Unit $unit,
        private readonly Workings $workings,
    ) {
        $this->room = $workings->room;
    }

    /** @return list<Patch> */
    public function patches(): array
    {
        return $this->patches ??= $this->unit->patches();
    }

    /**
     * How it is made by one method; by the first other that is possible where that one is not, as when no segment of a strip
     * set fits across the cloth. As many segments come out of a set as at the marks of the ruler that the design is made for.
     *
     * @throws InvalidArgumentException when it can be made in no way
     */
    public function making(Method $method): Making
    {
        return $this->makings[$method->value] ??= $this->workings->firstPossible($this->unit, $method)
            ->onCloth($this->room, $this->room->notation());
    }

    /**
     * Every way it can be made, each once: a unit may answer with another method than the one it cannot be made by.
     *
     * @return list<Making> the usual method of its kind first
     *
     * @throws InvalidArgumentException when it can be made in no way
     */
    public function ways(): array
    {
        if ($this->ways === null) {
            $ways = [];
            foreach ($this->unit->kind()->methods() as $method) {
                $making = $this->making($method);
                $ways[$making->method->value] ??= $making;
            }
            $this->ways = array_values($ways);
        }

        return $this->ways;
    }

    /** In which order its seams are sewn by a method, and how its kind has them pressed; a plain plan for what cannot be made. */
    public function sewing(Method $method): SewingPlan
    {
        return $this->sewing[$method->value] ??= $this->sewn($method);
    }

    private function sewn(Method $method): SewingPlan
    {
        try {
            $steps = $this->making($method)->steps;
        } catch (InvalidArgumentException) {
            return new SewingPlan;
        }

        return $this->unit instanceof PressedByKind
            ? SewingPlan::of($steps, SeamPairs::of($this->patches()), $this->unit->pressedToward(), $this->unit->board($this->room))
            : SewingPlan::of($steps, SeamPairs::of($this->patches()));
    }

    /** @return array<string, positive-int> how many of each thing made before lie directly in it, by product key */
    public function contents(): array
    {
        return $this->contents ??= $this->unit->contents();
    }

    /** With its seam allowances. */
    public function unfinished(): Size
    {
        return $this->unfinished ??= $this->unit->finished()->outsetBy($this->room->seam);
    }

    /** @return array<string, int> how many of each piece come out of one strip of the cloth, by piece id */
    public function perStrip(Method $method): array
    {
        return $this->perStrip[$method->value] ??= $this->making($method)->perStrip($this->room->usableWidth);
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
        return $this->workings->digest($this->unit);
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
        return $this->cutArea ??= $this->workings->cutArea($this->unit, $this->unit->kind()->isBlock() ? [] : $this->patches());
    }
}
