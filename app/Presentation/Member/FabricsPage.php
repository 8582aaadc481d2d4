<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Project;
use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\FabricView;
use App\Presentation\Shared\Later;
use Dew\Core\Fabric\Slot;
use Dew\Core\Plan\Announcement;
use Dew\Core\Plan\ReleasedPlan;

/** The fabrics of a quilt: all slots, for they are announced; the cutting, only of released clues. */
final class FabricsPage
{
    /** @return list<FabricView> */
    public static function rows(ReleasedPlan $plan, Announcement $announcement, Project $project): array
    {
        $lines = [];
        foreach ($plan->clues as $clue) {
            foreach (CluePage::forReading($clue, $announcement, $project)->fabrics() as $fabric) {
                $lines[$fabric->slot] = [...($lines[$fabric->slot] ?? []), ...$fabric->lines];
            }
        }
        $cloths = $project->colourway($announcement)->cloths;
        $own = $project->swatches->pluck('slot_key')->all();

        return array_values(array_map(fn (Slot $slot): FabricView => FabricView::of(
            $slot,
            $cloths[$slot->id],
            $lines[$slot->id] ?? [],
            $project->isClothOpen($slot->id, $announcement)
                ? Later::text('fabric', $announcement->fabricsNeededAt[$slot->id], $announcement)
                : null,
            in_array($slot->id, $own, true),
        ), $announcement->slots));
    }
}
