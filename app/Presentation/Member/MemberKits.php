<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\KitRow;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use Dew\Core\Cutting\ShopMeasure;
use Dew\Core\Cutting\Yardage;
use Dew\Core\Kits\KitContents;
use Dew\Core\Kits\KitKind;
use Dew\Core\Measure\Length;
use Dew\Core\Sheet\Announcement;
use Illuminate\Support\Collection;

/** The kits that a member has ordered or can order, and what lies in them, as far as she may know. */
final class MemberKits
{
    /** @var array<string, array<string, array<string, Length>>> what covers each open clue, by quilt and size, clue and slot */
    private array $known = [];

    public function __construct(
        private readonly Drawn $drawn,
        private readonly ReleasedSheets $sheets,
    ) {
    }

    /**
     * @return array{
     *     orders: list<array{id: int, name: string, count: int, state: string, holds: list<string>, note: string|null, cancels: bool,
     *         stocks: bool, on_list: bool}>,
     *     offers: list<array{value: string, name: string, holds: list<string>, note: string|null}>
     * }
     */
    public function of(Project $project): array
    {
        $announcement = $this->sheets->announcement($project);
        $numbers = $project->quiltAlong->clues()->pluck('number', 'key')->map(fn (mixed $number): int => (int) $number)->all();
        $orders = [];
        foreach (KitRow::query()->where('project_id', $project->id)->orderBy('id')->get() as $row) {
            $holds = $this->holds($project, $row->kind, $row->part, $row->size_key, $row->colourway_key);
            $orders[] = [
                'id' => $row->id,
                'name' => $this->name($row->kind, $row->part, $announcement, $numbers),
                'count' => $row->count,
                'state' => match (true) {
                    $row->handed_out === $row->count => 'handed_out',
                    $row->packed === $row->count => 'packed',
                    default => 'ordered',
                },
                'holds' => $this->lines($holds, $row->colourway_key, $announcement, $project),
                'note' => $this->note($row->kind, $holds, $row->colourway_key, $announcement),
                'cancels' => $row->origin === 'member' && $row->packed === 0,
                'stocks' => $row->handed_out === $row->count && $row->stocked_at === null && $holds !== [],
                'on_list' => $row->stocked_at !== null,
            ];
        }

        return ['orders' => $orders, 'offers' => $project->size_later ? [] : $this->offers($project, $announcement, $numbers)];
    }

    /**
     * What a kit holds; empty where it may not be known yet, or where there is no such kit.
     *
     * @return array<string, Length> by fabric slot
     */
    public function holds(Project $project, KitKind $kind, string $part, string $size, string $colourway): array
    {
        $announcement = $this->sheets->announcement($project);
        if (! isset($announcement->cloth[$size], $announcement->colourways[$colourway])) {
            return [];
        }
        $clues = $kind === KitKind::Clue ? $this->open($project, $size) : [];
        $contents = new KitContents($announcement->cloth[$size], $clues, ShopMeasure::of($project->quiltAlong->units), $project->quiltAlong->secret);

        return $contents->of($kind, $part, array_flip($announcement->colourways[$colourway]->gaps));
    }

    /** The id of the clue or fabric that an offer names; null where there is no such offer. A clue to come goes by its number alone. */
    public function part(Project $project, KitKind $kind, string $named): ?string
    {
        if (! in_array($kind, $project->quiltAlong->kitSettings()->offered, true)) {
            return null;
        }

        return match ($kind) {
            KitKind::Whole => $named === '' ? '' : null,
            KitKind::Slot => isset($this->sheets->announcement($project)->cloth[$project->size_key][$named]) ? $named : null,
            KitKind::Clue => in_array((int) $named, $this->withCloth($project), true)
                ? $project->quiltAlong->clues()->where('number', (int) $named)->value('key') : null,
        };
    }

    /** @return list<int> numbers of the clues that take cloth at her size */
    private function withCloth(Project $project): array
    {
        return $this->sheets->announcement($project)->clothClues[$project->size_key] ?? [];
    }

    /**
     * @param  array<string, int>  $numbers
     * @return list<array{value: string, name: string, holds: list<string>, note: string|null}>
     */
    private function offers(Project $project, Announcement $announcement, array $numbers): array
    {
        $offers = [];
        $offer = function (KitKind $kind, string $part, string $value) use ($project, $announcement, $numbers): array {
            $holds = $this->holds($project, $kind, $part, $project->size_key, $project->colourway_key);

            return [
                'value' => $value, 'name' => $this->name($kind, $part, $announcement, $numbers),
                'holds' => $this->lines($holds, $project->colourway_key, $announcement, $project),
                'note' => $this->note($kind, $holds, $project->colourway_key, $announcement),
            ];
        };
        foreach ($project->quiltAlong->kitSettings()->offered as $kind) {
            if ($kind === KitKind::Clue) {
                // A pause has no kit, nor has what is sewn from bags alone.
                $numbers = array_intersect($numbers, $this->withCloth($project));
            }
            match ($kind) {
                KitKind::Whole => $offers[] = $offer($kind, '', 'whole'),
                KitKind::Clue => array_push($offers, ...array_map(
                    fn (string $key, int $number): array => $offer($kind, $key, "clue:$number"), array_keys($numbers), $numbers,
                )),
                KitKind::Slot => array_push($offers, ...array_map(
                    fn (string $slot): array => $offer($kind, $slot, "slot:$slot"), array_keys(array_intersect_key($announcement->slots, $announcement->cloth[$project->size_key] ?? [])),
                )),
            };
        }

        return $offers;
    }

    /** @param  array<string, int>  $numbers */
    private function name(KitKind $kind, string $part, Announcement $announcement, array $numbers): string
    {
        return match ($kind) {
            KitKind::Whole => __('kits.kinds.whole'),
            KitKind::Clue => __('kits.member.clue', ['number' => $numbers[$part] ?? '–']),
            KitKind::Slot => isset($announcement->slots[$part])
                ? $announcement->slots[$part]->letter.' '.$announcement->slots[$part]->name
                : '–',
        };
    }

    /**
     * @param  array<string, Length>  $holds
     * @return list<string>
     */
    private function lines(array $holds, string $colourway, Announcement $announcement, Project $project): array
    {
        $shop = ShopMeasure::of($project->quiltAlong->units);
        $lines = [];
        foreach ($announcement->slots as $slot) {
            if (isset($holds[$slot->id])) {
                $lines[] = __('kits.member.line', [
                    'letter' => $slot->letter, 'cloth' => $announcement->colourways[$colourway]->cloths[$slot->id]->name,
                    'length' => __('chart.sold.'.$shop->value, ['number' => $shop->number($holds[$slot->id])]),
                ]);
            }
        }

        return $lines;
    }

    /** @param  array<string, Length>  $holds */
    private function note(KitKind $kind, array $holds, string $colourway, Announcement $announcement): ?string
    {
        $gaps = $announcement->colourways[$colourway]->gaps ?? [];

        return match (true) {
            $kind === KitKind::Clue && $holds === [] => __('kits.member.later'),
            $kind === KitKind::Whole && $gaps !== [] => __('kits.member.gaps', ['slots' => implode(', ', array_map(
                fn (string $slot): string => $announcement->slots[$slot]->letter.' '.$announcement->slots[$slot]->name, $gaps,
            ))]),
            default => null,
        };
    }

    /**
     * What covers each open clue, on cloth as wide as the design's, whatever she has.
     *
     * @return array<string, array<string, Length>> by clue and slot
     */
    private function open(Project $project, string $size): array
    {
        if (isset($this->known["$project->id $size"])) {
            return $this->known["$project->id $size"];
        }
        $project->loadMissing(['swatches', 'methodChoices']);
        $plain = clone $project;
        $plain->fill(['size_key' => $size, 'usable_width' => null, 'set_widths' => []]);
        $covering = [];
        // All open clues are kept together: every kit of the page asks for them.
        $kept = $this->drawn->ofQuilt($plain, 'kits', function (Collection $clues) use ($plain): array {
            $lengths = [];
            foreach ($this->sheets->sheets($plain, $clues, whole: true) as $sheet) {
                $lengths[$sheet->clue] = $sheet->tasks === [] ? [] : array_map(
                    fn (Length $length): string => $length->encode(),
                    Yardage::coveringByClue([$sheet->clue => $sheet->tasks], $sheet->tasks[0]->room)[$sheet->clue],
                );
            }

            return $lengths;
        });
        /** @var array<string, array<string, string>> $kept */
        foreach ($kept as $clue => $lengths) {
            $covering[$clue] = array_map(Length::decode(...), $lengths);
        }

        return $this->known["$project->id $size"] = $covering;
    }
}
