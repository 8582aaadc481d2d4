<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Seamwork;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;

/** A section of a custom unit as something that is made: the pieces of it alone, in a box as large as they are together. */
final readonly class SectionUnit implements Unit
{
    use Patchwork;

    public function __construct(
        private CustomUnit $unit,
        private CustomSection $section,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(CustomUnit::KIND);
    }

    public function finished(): Size
    {
        [$left, $top, $right, $bottom] = $this->box();

        return new Size($right->minus($left), $bottom->minus($top));
    }

    public function slots(): array
    {
        $used = array_fill_keys(array_map(fn (Patch $patch): string => $patch->slot, $this->patches()), true);

        return array_values(array_filter($this->unit->slots(), fn (Slot $slot): bool => isset($used[$slot->id])));
    }

    public function patches(): array
    {
        [$left, $top] = $this->box();
        $patches = [];
        foreach ($this->section->pieces as $piece) {
            foreach ($this->unit->patchesOf($this->unit->number($piece)) as $patch) {
                $patches[] = $patch->movedBy($left->negated(), $top->negated());
            }
        }

        return $patches;
    }

    /** Seams of units that were made before are not counted again. */
    public function seamwork(): Seamwork
    {
        return $this->unit->seamworkOf($this->section);
    }

    public function cutArea(CuttingRoom $room): float
    {
        return $this->unit->cutAreaOfSection($this->section, $room);
    }

    public function overhangs(CuttingRoom $room): array
    {
        return $this->unit->overhangsOf($this->section, $room);
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(CustomUnit::PIECES)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }

        return $this->unit->makingOfSection($this->section, $room);
    }

    /** @return array{Length, Length, Length, Length} left, top, right, bottom */
    private function box(): array
    {
        $corners = [];
        foreach ($this->section->pieces as $piece) {
            array_push($corners, ...$this->unit->outlineOf($this->unit->number($piece))->corners);
        }
        $least = fn (Length $least, Length $length): Length => $length->isLessThan($least) ? $length : $least;
        $most = fn (Length $most, Length $length): Length => $length->isGreaterThan($most) ? $length : $most;
        $across = array_map(fn (Point $corner): Length => $corner->x, $corners);
        $down = array_map(fn (Point $corner): Length => $corner->y, $corners);

        return [
            array_reduce($across, $least, $across[0]), array_reduce($down, $least, $down[0]),
            array_reduce($across, $most, $across[0]), array_reduce($down, $most, $down[0]),
        ];
    }
}
