<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Unit\Kind\PutTogether;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\UnitKind;

/** What is the same of every block as something that is made: all that its parts bring with them. */
trait MadeOfParts
{
    /** @var list<Patch>|null */
    private ?array $patches = null;

    /** @var list<Placement>|null */
    private ?array $placements = null;

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(PutTogether::BLOCK);
    }

    /** @return list<Slot> */
    public function slots(): array
    {
        $slots = [];
        foreach (array_keys($this->block->contents()) as $product) {
            foreach ($this->products[$product]->slots() as $slot) {
                $slots[$slot->id] = $slot;
            }
        }

        return array_values($slots);
    }

    /** @return list<Patch> */
    public function patches(): array
    {
        return $this->patches ??= $this->block->patches($this->products);
    }

    /** @return list<Placement> */
    public function placements(): array
    {
        return $this->placements ??= $this->block->placements($this->products);
    }

    /** @return array<string, string> */
    public function ways(): array
    {
        return $this->block->wayNames();
    }

    /** @return array<string, positive-int> */
    public function contents(): array
    {
        return $this->block->contents();
    }

    /** Parts bring their own area, so there is none to compare with. */
    public function cutArea(CuttingRoom $room): float
    {
        return INF;
    }

    public function overhangs(CuttingRoom $room): array
    {
        return [];
    }
}
