<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\FabricView;
use App\Presentation\Shared\Later;
use App\Support\Openings;
use Dew\Core\Fabric\Slot;
use Dew\Core\Plan\Announcement;
use Dew\Core\Plan\ClueSheet;

/** The fabrics of a quilt: all slots, for they are announced; the cutting, only of released clues. */
final readonly class FabricsPage
{
    public function __construct(
        private Drawn $drawn,
        private ReleasedSheets $sheets,
    ) {
    }

    /**
     * All fabrics, a card for each. What somebody typed that was refused stands in the form again, so such a page is not kept.
     */
    public function html(Project $project, bool $asTyped): string
    {
        $draw = function () use ($project): array {
            $open = new Openings;
            $cards = array_map(
                fn (FabricView $fabric): string => view('clue.fabric', ['fabric' => $fabric, 'ownCloth' => $open])->render(),
                $this->rows($this->sheets->announcement($project), $project),
            );

            return $open->cut(implode('', $cards));
        };
        /** @var list<string> $parts */
        $parts = $asTyped ? $draw() : $this->drawn->ofQuilt($project, 'fabric-cards', $draw);
        $values = ['token' => (string) csrf_token()];
        foreach ($parts as $index => $part) {
            if ($index % 2 === 1 && str_starts_with($part, 'swatch:')) {
                $values[$part] = e(route('member.swatch.update', [$project, substr($part, strlen('swatch:'))]));
            }
        }

        return Openings::fill($parts, $values);
    }

    /** @return list<FabricView> */
    private function rows(Announcement $announcement, Project $project): array
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
            $slot->instead === null ? null : $cloths[$slot->instead] ?? null,
        ), $announcement->slots));
    }
}
