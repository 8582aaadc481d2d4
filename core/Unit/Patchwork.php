<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\CutShape;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Seam;
use Dew\Core\Geometry\Seams;
use Dew\Core\Making\Overhang;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;

/** What can be said of every unit that is sewn from its patches: its seams, its cut area, its overhangs and its digest. */
trait Patchwork
{
    public function outline(): Outline
    {
        return Outline::rectangle(Length::zero(), Length::zero(), $this->finished());
    }

    /** One seam fewer than there are patches; their length is half of what the patches measure around beyond the outline. */
    public function seamwork(): Seamwork
    {
        $patches = $this->patches();

        return new Seamwork(count($patches) - 1, Seams::length($patches, $this->outline()->perimeter()));
    }

    public function cutArea(CuttingRoom $room): float
    {
        $area = 0.0;
        foreach ($this->patches() as $patch) {
            $rectangle = $patch->outline->asRectangle();
            if ($rectangle !== null) {
                $area += $rectangle->outsetBy($room->seam)->area();

                continue;
            }
            $shape = CutShape::of($patch->outline, $room->seam);
            $area += ($this->kind()->isFree() ? $shape : $shape->bluntedTo($this->finished(), $room->seam))->area();
        }

        return $area;
    }

    public function overhangs(CuttingRoom $room): array
    {
        $patches = $this->patches();
        $blunted = array_fill_keys($this->bluntedPatches(), $this->finished());
        $overhangs = [];
        foreach (Seams::slanted(Seams::between($patches, $room->seam, $blunted)) as $seam) {
            $overhang = $this->overhang($seam, $patches[$seam->first]->slot, $patches[$seam->second]->slot);
            $overhangs[$overhang->encode()] = $overhang;
        }

        return array_values($overhangs);
    }

    public function digest(CuttingRoom $room): string
    {
        return substr(hash('sha256', implode("\n", [
            $this->kind()->value,
            $this->finished()->encode(),
            $this->finished()->outsetBy($room->seam)->encode(),
            ...array_map(fn (Patch $patch): string => $patch->encode(), $this->patches()),
        ])), 0, 16);
    }

    public function contents(): array
    {
        return [];
    }

    public function byproduct(Method $method, CuttingRoom $room): ?Unit
    {
        return null;
    }

    public function isMadeOfByproducts(): bool
    {
        return false;
    }

    public function bluntedPatches(): array
    {
        return [];
    }

    private function overhang(Seam $seam, string $first, string $second): Overhang
    {
        $measure = fn (float $inches): Measurement => Measurement::exact(Length::approximately($inches), true);

        return new Overhang($first, $second, $measure($seam->start), $measure($seam->end));
    }
}
