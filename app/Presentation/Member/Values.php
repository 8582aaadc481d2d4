<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Drawing\UnitPicture;
use App\Models\Project;
use App\Models\Swatch;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\FabricView;
use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Fabric\ValueCheck;
use Dew\Core\Geometry\Neighbours;
use Dew\Core\Sheet\ClueSheet;

/** How light and dark a member's cloths are beside what the quilt wants, as far as it is open. */
final readonly class Values
{
    public function __construct(
        private Drawn $drawn,
        private ReleasedSheets $sheets,
    ) {
    }

    /**
     * @return array{
     *     cloths: list<array{fabric: FabricView, lightness: int, reads: string, judged: string|null}>, findings: list<string>,
     *     pictures: list<array{name: string, picture: string}>
     * } the lightest cloth first
     */
    public function of(Project $project): array
    {
        $announcement = $this->sheets->announcement($project);
        $colourway = $project->colourway($announcement);
        $own = $project->swatches->where('number', 0)->keyBy('slot_key');
        $pictures = $touching = [];
        $draw = function (ClueSheet $sheet) use ($colourway, $announcement): array {
            $unit = new UnitPicture($colourway, $announcement->slots);
            $drawn = $pairs = [];
            foreach ($sheet->tasks as $task) {
                $drawn[] = ['name' => $task->name, 'picture' => view('member.bag-picture', ['picture' => $unit->unit($task)])->render()];
                foreach (Neighbours::in($task->patches()) as $pair => $length) {
                    $pairs[$pair] = ($pairs[$pair] ?? 0.0) + $length;
                }
            }

            return ['pictures' => $drawn, 'pairs' => $pairs];
        };
        foreach ($this->drawn->ofOpenClues($project, 'values', $draw) as $clue) {
            /** @var array{pictures: list<array{name: string, picture: string}>, pairs: array<string, float>} $clue */
            array_push($pictures, ...$clue['pictures']);
            foreach ($clue['pairs'] as $pair => $length) {
                $touching[$pair] = ($touching[$pair] ?? 0.0) + $length;
            }
        }
        arsort($touching);
        $lightness = array_map(fn (Cloth $cloth): float => $cloth->lightness(), $colourway->cloths);
        $judged = array_filter($own->map(fn (Swatch $swatch): ?FabricValue => $swatch->judged)->all());
        $check = ValueCheck::of(
            $announcement->slots, $lightness, $judged, $announcement->colourway($project->colourway_key)->cloths, $touching,
        );
        $cloths = [];
        foreach ($announcement->slots as $slot) {
            $cloths[] = [
                'fabric' => FabricView::of($slot, $colourway->cloths[$slot->id], [], isOwn: $own->has($slot->id)),
                'lightness' => (int) round($lightness[$slot->id]),
                'reads' => $check->reads[$slot->id]->value,
                'judged' => ($judged[$slot->id] ?? null)?->value,
            ];
        }
        usort($cloths, fn (array $one, array $other): int => $other['lightness'] <=> $one['lightness']);
        $name = fn (string $slot): string => $announcement->slots[$slot]->letter.' '.$announcement->slots[$slot]->name;

        return ['cloths' => $cloths, 'pictures' => $pictures, 'findings' => [
            ...array_map(fn (string $slot): string => __('fabrics.values.off', [
                'fabric' => $name($slot), 'reads' => __('fabrics.value.'.$check->reads[$slot]->value),
                'wants' => __('fabrics.value.'.$announcement->slots[$slot]->value->value),
            ]), $check->off),
            ...array_map(
                fn (array $two): string => __('fabrics.values.turned', ['one' => $name($two[0]), 'other' => $name($two[1])]), $check->turned,
            ),
            ...array_map(fn (array $two): string => __('fabrics.values.close', [
                'one' => $name($two[0]), 'other' => $name($two[1]), 'difference' => (int) round($two[2]),
            ]), $check->close),
        ]];
    }
}
