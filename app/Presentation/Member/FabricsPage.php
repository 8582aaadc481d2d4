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
        $cloths = $announcement->colourway($project->colourway_key)->cloths;

        return array_values(array_map(fn (Slot $slot): FabricView => FabricView::of(
            $slot,
            $cloths[$slot->id],
            $lines[$slot->id] ?? [],
            Later::text('fabric', $announcement->fabricsNeededAt[$slot->id] ?? null, $announcement),
        ), $announcement->slots));
    }
}
