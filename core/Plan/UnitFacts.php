<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Block\BlockUnit;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\CutShape;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\Seam;
use Dew\Core\Geometry\Seams;
use Dew\Core\Making\Overhang;
use Dew\Core\Making\Rates;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Unit\Kind\UnitOptions;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MirroredUnit;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;
use WeakMap;

/**
 * What belongs to one unit alone, whatever quilt it is in: its patches, makings, seams, areas. Worked out once and kept as long as the unit is.
 */
final class UnitFacts
{
    /** Kept at once; a design has a few dozen. */
    private const MOST_GEOMETRIES = 2000;

    /** @var array<string, array{list<Seam>, float}> */
    private static array $geometries = [];

    /** @var WeakMap<Unit, self>|null */
    private static ?WeakMap $kept = null;

    /** @var list<Patch>|null */
    private ?array $patches = null;

    /** @var array<string, Making> by method */
    private array $makings = [];

    /** @var array<string, list<int>> by method */
    private array $perStrip = [];

    private ?string $digest = null;

    /** @var list<Overhang>|null */
    private ?array $overhangs = null;

    /** @var array{int, float}|null */
    private ?array $seams = null;

    private ?float $cutArea = null;

    /** @var array<string, float>|null */
    private ?array $areas = null;

    private function __construct(
        private readonly Unit $unit,
        private readonly CuttingRoom $room,
    ) {
    }

    public static function of(Unit $unit, CuttingRoom $room): self
    {
        self::$kept ??= new WeakMap;

        return self::$kept[$unit] ??= new self($unit, $room);
    }

    public function effort(Making $making, int $count): Effort
    {
        $this->perStrip[$making->method->value] ??= array_map(fn (Piece $piece): int => $piece->perStrip($this->room->usableWidth), $making->pieces);
        [$seams, $length] = $this->seams();

        return Effort::of($making, $count, $seams, $length, $this->perStrip[$making->method->value], new Rates);
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
        if (isset($this->makings[$method->value])) {
            return $this->makings[$method->value];
        }
        $problem = null;
        foreach ([$method, ...$this->unit->kind()->methods()] as $possible) {
            try {
                return $this->makings[$method->value] = $this->unit->making($possible, $this->room);
            } catch (InvalidArgumentException $error) {
                $problem ??= $error;
            }
        }

        throw $problem;
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

    /** Of what a finished unit is, so that counted units keep counting while they would still fit. */
    public function digest(SizedDesign $sized): string
    {
        $looks = fn (): array => $this->unit instanceof BlockUnit
            ? array_map(fn (Placement $lies): string => implode(' ', [self::of($sized->products[$lies->product], $this->room)->digest($sized), $lies->x->encode(), $lies->y->encode(), $lies->turn]), $this->unit->placements())
            : array_map(fn (Patch $patch): string => $patch->encode(), $this->patches());

        return $this->digest ??= substr(hash('sha256', implode("\n", [
            $this->unit->kind()->value,
            $this->unit->finished()->encode(),
            $this->unit->finished()->outsetBy($this->room->seam)->encode(),
            ...$looks(),
        ])), 0, 16);
    }

    /** @return list<Overhang> */
    public function overhangs(): array
    {
        if ($this->overhangs !== null) {
            return $this->overhangs;
        }
        $overhangs = [];
        if (! $this->unit instanceof BlockUnit) {
            $patches = $this->patches();
            foreach (Seams::slanted($this->geometry()[0]) as $seam) {
                $measure = fn (float $inches): Measurement => Measurement::exact(Length::approximately($inches), true);
                $overhang = new Overhang($patches[$seam->first]->slot, $patches[$seam->second]->slot, $measure($seam->start), $measure($seam->end));
                $overhangs[$overhang->encode()] = $overhang;
            }
        }

        return $this->overhangs = array_values($overhangs);
    }

    /** @return array{int, float} seams of one unit, and their length */
    public function seams(): array
    {
        if ($this->seams !== null) {
            return $this->seams;
        }
        if ($this->unit instanceof BlockUnit) {
            $making = $this->making(Method::BlockRows);

            return $this->seams = $this->unit->joins(array_sum(array_map(fn (Piece $piece): int => $piece->each, $making->pieces)));
        }
        $kind = $this->unit->kind();
        $patches = $this->patches();
        if ($kind === UnitKind::LongStrips || $kind->isFree()) {
            return $this->seams = [0, 0.0];
        }
        $size = $this->unit->finished();
        $around = $kind === UnitKind::SettingTriangle ? $patches[0]->outline->perimeter() : 2 * ($size->width->toFloat() + $size->height->toFloat());

        return $this->seams = [count($patches) - 1, Seams::length($patches, $around)];
    }

    /** Square inches of the pieces of one unit, cut exactly, their tips blunted at its raw edge; nothing for what is put together from parts. */
    public function cutArea(): float
    {
        if ($this->cutArea !== null) {
            return $this->cutArea;
        }
        $kind = $this->unit->kind();
        if ($kind === UnitKind::Block || $kind === UnitKind::LongStrips) {
            return $this->cutArea = INF;
        }

        return $this->cutArea = $this->geometry()[1];
    }

    /**
     * What does not depend on fabrics, so that units of one size in other colours share it: the seams, and the area of the pieces.
     *
     * @return array{list<Seam>, float}
     */
    private function geometry(): array
    {
        $unit = $this->unit;
        $shared = UnitOptions::of($unit->kind()) === [] && ! $unit instanceof MirroredUnit
            ? implode(' ', [$unit->kind()->value, $unit->finished()->encode(), count($unit->slots()), $this->room->seam->encode()])
            : null;
        if ($shared !== null && isset(self::$geometries[$shared])) {
            return self::$geometries[$shared];
        }
        $area = 0.0;
        $square = true;
        foreach ($this->patches() as $patch) {
            $rectangle = $patch->outline->asRectangle();
            if ($rectangle !== null) {
                $area += $rectangle->outsetBy($this->room->seam)->area();

                continue;
            }
            $square = false;
            $shape = CutShape::of($patch->outline, $this->room->seam);
            $area += ($unit->kind()->isFree() ? $shape : $shape->bluntedTo($unit->finished(), $this->room->seam))->area();
        }
        // Between rectangles no tip stands out anywhere.
        $geometry = [$square ? [] : Seams::between($this->patches(), $this->room->seam), $area];
        if ($shared !== null && count(self::$geometries) < self::MOST_GEOMETRIES) {
            self::$geometries[$shared] = $geometry;
        }

        return $geometry;
    }
}
