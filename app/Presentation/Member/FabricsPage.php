<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Clue;
use App\Models\Project;
use App\Plans\Cloth\MemberCutting;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\FabricView;
use App\Presentation\Shared\Later;
use App\Support\Openings;
use Dew\Core\Fabric\Slot;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\ClueSheet;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;

/** The fabrics of a quilt: all slots, for they are announced; the cutting, only of released clues. */
final readonly class FabricsPage
{
    /** Pieces of cloth of one fabric that have their forms on the page; of more, each has its own when it is asked for. */
    public const FORMS = 20;

    public function __construct(
        private Drawn $drawn,
        private ReleasedSheets $sheets,
        private ClothChart $chart,
        private MemberCutting $cutting,
    ) {
    }

    /**
     * All fabrics, a card for each. What somebody typed that was refused stands in the form again, so such a page is not kept.
     *
     * @param  string|null  $change  id of the cloth whose form is asked for, in a list too long to have them all
     */
    public function html(Project $project, bool $asTyped, ?string $change = null): string
    {
        $draw = function (Collection $clues) use ($project, $change): array {
            $open = new Openings;
            $sheets = $this->sheets->sheets($project, $clues);
            $facts = $this->chart->of($project, $sheets);
            $short = array_filter($facts, fn (ClothFacts $of): bool => $of->short !== []);
            $cards = $short === [] ? [] : [view('member.short-fabrics', [
                'slots' => array_intersect_key($this->sheets->announcement($project)->slots, $short),
            ])->render()];
            array_push($cards, ...array_map(
                fn (FabricView $fabric): string => view('clue.fabric', [
                    'fabric' => $fabric, 'ownCloth' => $open, 'facts' => $facts[$fabric->slot], 'change' => $change,
                    'others' => $project->swatches->where('slot_key', $fabric->slot)->where('number', '>', 0)->sortBy('number'),
                ])->render(),
                $this->rows($this->sheets->announcement($project), $project, $clues, $sheets),
            ));

            return [
                'parts' => $open->cut(implode('', $cards)),
                'counted' => array_map(fn (ClothFacts $of): array => $of->counted, $facts),
            ];
        };
        /** @var array{parts: list<string>, counted: array<string, list<array{string, string, string, int, int}>>} $kept */
        $kept = $asTyped || $change !== null ? $draw($this->sheets->open($project)) : $this->drawn->ofQuilt($project, 'fabric-cards '.$this->cutting->signature($project), $draw);
        $values = ['token' => (string) csrf_token(), 'base' => e(route('member.fabrics', $project))];
        $values['clues'] = e(route('member.clues.index', $project));
        foreach ($this->chart->used($project, $kept['counted']) as $slot => $used) {
            $values["used:$slot"] = e($used);
            $values["fresh:$slot"] = (string) Str::ulid();
        }

        return Openings::fill($kept['parts'], $values);
    }

    /**
     * @param  Collection<int, Clue>  $clues
     * @param  list<ClueSheet>  $sheets
     * @return list<FabricView>
     */
    private function rows(Announcement $announcement, Project $project, Collection $clues, array $sheets): array
    {
        $clues = $this->drawn->ofOpenClues($project, 'fabrics', function (ClueSheet $sheet) use ($announcement, $project): array {
            $lines = [];
            foreach (CluePage::forReading($sheet, $announcement, $project)->fabrics() as $fabric) {
                foreach ($fabric->lines as $line) {
                    $lines[$fabric->slot] = ($lines[$fabric->slot] ?? '').view('clue.cut-line', ['line' => $line])->render();
                }
            }

            return $lines;
        }, $clues, $sheets);
        $cloths = $project->colourway($announcement)->cloths;
        $own = $project->swatches->where('number', 0)->pluck('slot_key')->all();

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
