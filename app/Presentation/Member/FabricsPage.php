<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Project;
use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\FabricView;
use App\Presentation\Shared\Later;
use Dew\Core\Fabric\Slot;
use Dew\Core\Plan\Announcement;
use Dew\Core\Plan\ClueSheet;

/** The fabrics of a quilt: all slots, for they are announced; the cutting, only of released clues. */
final readonly class FabricsPage
{
    public function __construct(private Drawn $drawn)
    {
    }

    /** @return list<FabricView> */
    public function rows(Announcement $announcement, Project $project): array
    {
        $clues = $this->drawn->ofOpenClues($project, 'fabrics', function (ClueSheet $sheet) use ($announcement, $project): array {
            $lines = [];
            foreach (CluePage::forReading($sheet, $announcement, $project)->fabrics() as $fabric) {
                foreach ($fabric->lines as $line) {
                    $lines[$fabric->slot] = ($lines[$fabric->slot] ?? '').view('clue.cut-line', ['line' => $line])->render();
                }
            }

            return $lines;
        });
        $cloths = $project->colourway($announcement)->cloths;
        $own = $project->swatches->pluck('slot_key')->all();

        return array_values(array_map(fn (Slot $slot): FabricView => FabricView::of(
            $slot,
            $cloths[$slot->id],
            [],
            $project->isClothOpen($slot->id, $announcement)
                ? Later::text('fabric', $announcement->fabricsNeededAt[$slot->id], $announcement)
                : null,
            in_array($slot->id, $own, true),
            implode('', array_column($clues, $slot->id)),
        ), $announcement->slots));
    }
}
