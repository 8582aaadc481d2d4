<?php

declare(strict_types=1);

namespace Dew\Core\Plan\Whole;

use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\WayLook;
use Dew\Core\Making\On;
use Dew\Core\Making\Overhang;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Plan\AnnouncedSize;
use Dew\Core\Plan\Announcement;
use Dew\Core\Plan\Byproduct;
use Dew\Core\Plan\ChoreSheet;
use Dew\Core\Plan\ClueSheet;
use Dew\Core\Plan\Effort;
use Dew\Core\Plan\LayoutSheet;
use Dew\Core\Plan\MethodOffer;
use Dew\Core\Plan\OtherLayout;
use Dew\Core\Plan\TaskSheet;
use Dew\Core\Press\PressLook;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Piece;
use WeakMap;

/**
 * Writes sheets as JSON for the store: lengths exact, keys in a fixed order, the same bytes for the same sheet.
 *
 * One writer writes many sheets of a design faster than many writers do, because it keeps how a unit is made and drawn in its written form.
 */
final class SheetWriter
{
    /** @var WeakMap<Making, array<string, mixed>> */
    private WeakMap $makings;

    /** @var WeakMap<Making, list<array<string, mixed>>> */
    private WeakMap $pieces;

    /** @var WeakMap<Patch, string> */
    private WeakMap $patches;

    public function __construct()
    {
        $this->makings = new WeakMap;
        $this->pieces = new WeakMap;
        $this->patches = new WeakMap;
    }

    public static function write(ClueSheet|QuiltSheet|Announcement|ClothSheet|LayoutSheet $sheet): string
    {
        return (new self)->text($sheet);
    }

    public function text(ClueSheet|QuiltSheet|Announcement|ClothSheet|LayoutSheet $sheet): string
    {
        return match (true) {
            $sheet instanceof ClueSheet => $this->clue($sheet, array_map($this->taskText(...), $sheet->tasks)),
            $sheet instanceof QuiltSheet => $this->json($this->quilt($sheet)),
            $sheet instanceof Announcement => $this->json($this->announcement($sheet)),
            $sheet instanceof ClothSheet => $this->json($this->cloth($sheet)),
            $sheet instanceof LayoutSheet => $this->json($this->layout($sheet)),
        };
    }

    /** One task as it stands in the sheet of its clue. */
    public function taskText(TaskSheet $task): string
    {
        return $this->json($this->task($task));
    }

    /**
     * A clue put together from tasks that are written already; those of the sheet itself are not looked at.
     *
     * @param  list<string>  $tasks  as {@see taskText()} writes them
     */
    public function clue(ClueSheet $sheet, array $tasks): string
    {
        $head = $this->json([
            'clue' => $sheet->clue,
            'number' => $sheet->number,
            'title' => $sheet->title,
            'introduction' => $sheet->introduction,
            'minutes' => $sheet->minutes,
            'size' => $sheet->size,
            ...($sheet->chores === [] ? [] : ['chores' => array_map(fn (ChoreSheet $chore): array => $chore->toData(), $sheet->chores)]),
            ...($sheet->words->toData() === [] ? [] : ['words' => $sheet->words->toData()]),
        ]);

        return substr($head, 0, -1).',"tasks":['.implode(',', $tasks).']}';
    }

    private function json(mixed $data): string
    {
        return json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, mixed> */
    private function task(TaskSheet $task): array
    {
        return [
            'task' => $task->task,
            'digest' => $task->digest,
            'name' => $task->name,
            'kind' => $task->kind->value,
            'count' => $task->count,
            'finished' => $task->finished->encode(),
            'unfinished' => $task->unfinished->encode(),
            ...($task->along === null ? [] : ['along' => array_map(fn (Size $size): string => $size->encode(), $task->along)]),
            'patches' => $this->patches($task->patches),
            'making' => $this->makings[$task->making] ??= $this->making($task->making),
            'offers' => array_map(fn (MethodOffer $offer): array => $this->offer($offer, $task), $task->offers()),
            'overhangs' => array_map(fn (Overhang $overhang): string => $overhang->encode(), $task->overhangs),
            'seams' => $task->seamwork->seams,
            'seam_length' => round($task->seamwork->length, 6),
            ...(is_finite($task->cutArea) ? ['cut_area' => round($task->cutArea, 6)] : []),
            'room' => [
                'seam' => $task->room->seam->encode(),
                'usable_width' => $task->room->usableWidth->encode(),
                'squaring' => $task->room->squaring->encode(),
            ],
            ...($task->drawing === null ? [] : ['drawing' => [
                'block' => $task->drawing->block,
                'units' => (object) array_map($this->patches(...), $task->drawing->units),
                'blocks' => (object) array_map($this->placements(...), $task->drawing->blocks),
                'names' => (object) $task->drawing->names,
                ...($task->drawing->ways === [] ? [] : ['ways' => array_map(
                    fn (array $looks): object => (object) array_map($this->way(...), $looks),
                    $task->drawing->ways,
                )]),
            ]]),
            ...($task->oversize ? ['oversize' => true] : []),
            ...($task->bagTask === null ? [] : ['bag' => [
                'count' => $task->fromBag, 'task' => $task->bagTask, 'gives' => $task->bagGives,
            ]]),
            ...($task->byproduct === null ? [] : ['byproduct' => $this->byproduct($task->byproduct)]),
            'makes' => $task->makes,
            ...($task->picture === null ? [] : ['picture' => $task->picture]),
            ...($task->press === null ? [] : ['press' => $task->press->toData()]),
            ...($task->quilting === [] ? [] : ['quilting' => $this->quilting($task->quilting)]),
        ];
    }

    /** @return array<string, mixed> */
    private function making(Making $making): array
    {
        return [
            'method' => $making->method->value,
            'pieces' => array_map($this->piece(...), $making->pieces),
            'steps' => array_map($this->step(...), $making->steps),
            'bias_edges' => $making->biasEdges,
            ...($making->sewn === null ? [] : ['sewn' => array_map(fn (Measurement $side): string => $side->encode(), $making->sewn)]),
        ];
    }

    /**
     * The numbers to compare by, and the pieces they are worked out from, so that they can be worked out for other cloth. The chosen way
     * has its pieces in the task already.
     *
     * @return array<string, mixed>
     */
    private function offer(MethodOffer $offer, TaskSheet $task): array
    {
        return [
            'method' => $offer->method->value,
            'batches' => $offer->batches(),
            'spares' => $offer->spares(),
            'bias_edges' => $offer->biasEdges,
            'cloth' => $offer->cloth(),
            'waste' => $offer->waste(),
            ...($offer->method === $task->making->method && ! $task->oversize ? [] : [
                'pieces' => $this->pieces[$offer->making] ??= $this->bare($offer->making),
            ]),
        ];
    }

    /** @return list<array<string, mixed>> the pieces without what only a drawing needs */
    private function bare(Making $making): array
    {
        return array_map(fn (Piece $piece): array => $this->piece($piece, true), $making->pieces);
    }

    /** @return array<string, mixed> */
    private function way(WayLook $look): array
    {
        return ['name' => $look->name] + ($look->patches === []
            ? ['placements' => $this->placements($look->placements)]
            : ['patches' => $this->patches($look->patches)]);
    }

    /** @return array<string, mixed> */
    private function byproduct(Byproduct $byproduct): array
    {
        return [
            ...($byproduct->name === null ? [] : ['name' => $byproduct->name]),
            'count' => $byproduct->count,
            'patches' => $this->patches($byproduct->patches),
            'finished' => $byproduct->finished->encode(),
        ];
    }

    /**
     * @param  array<string, Size|Length>  $quilting
     * @return array<string, string>
     */
    private function quilting(array $quilting): array
    {
        return array_map(fn (Size|Length $size): string => $size->encode(), $quilting);
    }

    /**
     * @param  bool  $bare  without the lines and outlines that only a drawing needs
     * @return array<string, mixed>
     */
    private function piece(Piece $piece, bool $bare = false): array
    {
        $lay = $piece->lay;

        return [
            'id' => $piece->id,
            'shape' => $piece->shape->value,
            'slots' => $piece->slots,
            'width' => $piece->width->encode(),
            ...($piece->length === null ? [] : ['length' => $piece->length->encode()]),
            ...($piece->batch->yield === 1 ? [] : ['yield' => $piece->batch->yield]),
            ...($piece->batch->perUnit === 1 ? [] : ['per_unit' => $piece->batch->perUnit]),
            ...($piece->batch->each === 1 ? [] : ['each' => $piece->batch->each]),
            ...($piece->batch->segment === null ? [] : ['segment' => $piece->batch->segment]),
            ...($bare || $piece->lines->sew === [] ? [] : ['sew' => $this->lines($piece->lines->sew)]),
            ...($bare || $piece->lines->cut === [] ? [] : ['cut' => $this->lines($piece->lines->cut)]),
            ...($bare || $lay->outline === null ? [] : ['outline' => $lay->outline->encode()]),
            ...($lay->chiral ? ['chiral' => true] : []),
            ...($lay->mirrored ? ['mirrored' => true] : []),
            ...($lay->advance === null ? [] : ['advance' => $lay->advance->encode()]),
            ...($lay->group === 1 ? [] : ['group' => $lay->group]),
            ...($lay->lost === null ? [] : ['lost' => $lay->lost->encode()]),
            'grain' => $piece->grain()->value,
            ...($piece->label === null ? [] : ['label' => $piece->label]),
            ...($bare || $piece->template === null ? [] : ['template' => [
                'notches' => $this->lines($piece->template->notches),
                ...($piece->template->later === null ? [] : ['later' => $piece->template->later->encode()]),
                ...($piece->template->sewing === null ? [] : ['sewing' => $piece->template->sewing->encode()]),
            ]]),
        ];
    }

    /**
     * @param  list<Outline>  $lines
     * @return list<string>
     */
    private function lines(array $lines): array
    {
        return array_map(fn (Outline $line): string => $line->encode(), $lines);
    }

    /** @return array<string, mixed> */
    private function step(Step $step): array
    {
        return [
            'kind' => $step->kind->value,
            'code' => $step->code,
            ...($step->measures === [] ? [] : [
                'measures' => array_map(fn (Measurement $measure): string => $measure->encode(), $step->measures),
            ]),
            ...($step->slots === [] ? [] : ['slots' => $step->slots]),
            ...($step->counts === [] ? [] : ['counts' => $step->counts]),
            ...($step->sewing === null ? [] : ['sewing' => $step->sewing->value]),
            ...($step->names === [] ? [] : ['names' => $step->names]),
            'on' => implode('; ', array_map(fn (On $on): string => $on->encode(), $step->on)),
        ];
    }

    /** @return array<string, mixed> */
    private function cloth(ClothSheet $sheet): array
    {
        return [
            'exact' => $this->bySize($sheet->exact), 'covering' => $this->bySize($sheet->covering), 'perimeters' => $this->lengths($sheet->perimeters),
        ];
    }

    /** @param  array<string, array<string, array<string, Length>>>  $sizes */
    private function bySize(array $sizes): object
    {
        $bySize = [];
        foreach ($sizes as $size => $clues) {
            $bySize[$size] = (object) array_map($this->lengths(...), $clues);
        }

        return (object) $bySize;
    }

    /** @param  array<string, Length>  $lengths */
    private function lengths(array $lengths): object
    {
        return (object) array_map(fn (Length $length): string => $length->encode(), $lengths);
    }

    /** @return array<string, mixed> */
    private function quilt(QuiltSheet $sheet): array
    {
        return [
            'size' => $sheet->size,
            'finished' => $sheet->finished->encode(),
            'block' => $sheet->block->encode(),
            'units' => (object) array_map($this->patches(...), $sheet->units),
            'blocks' => (object) array_map($this->placements(...), $sheet->blocks),
            'block_names' => $sheet->blockNames,
            'placements' => $this->placements($sheet->placements),
            'frame' => $this->patches($sheet->frame),
            'owners' => $this->owners($sheet->owners),
            'block_counts' => $sheet->blockCounts,
            'unit_counts' => $sheet->unitCounts,
            'unit_names' => $sheet->unitNames,
            'perimeter' => $sheet->perimeter->encode(),
            'areas' => $sheet->areas,
            'effort' => $this->effort($sheet->effort),
            'quilting' => (object) $this->quilting($sheet->quilting),
            ...($sheet->crop === null || $sheet->crop->isZero() ? [] : ['crop' => $sheet->crop->encode()]),
            'pressing' => ['school' => $sheet->pressing->school->value, 'copies' => $sheet->pressing->copies->value],
            ...($sheet->pressSaid === [] ? [] : ['press_said' => $sheet->pressSaid]),
        ];
    }

    /**
     * @param  list<string>  $owners
     * @return list<string>
     */
    private function owners(array $owners): array
    {
        return array_map(fn (string $owner): string => $owner === '' ? '-' : $owner, $owners);
    }

    /** @return array<string, mixed> */
    private function layout(LayoutSheet $sheet): array
    {
        return [
            'size' => $sheet->size,
            'kind' => $sheet->kind,
            'finished' => $sheet->finished->encode(),
            'block' => $sheet->block->encode(),
            'seam' => $sheet->seam->encode(),
            'units' => (object) array_map($this->patches(...), $sheet->units),
            'blocks' => (object) array_map($this->placements(...), $sheet->blocks),
            'names' => (object) $sheet->names,
            'placements' => $this->placements($sheet->placements),
            'frame' => $this->patches($sheet->frame),
            'owners' => $this->owners($sheet->owners),
            'borders' => (object) $sheet->borders,
            'opens' => (object) $sheet->opens,
            'made_in' => (object) $sheet->madeIn,
            'press' => (object) array_map(fn (PressLook $look): array => $look->toData(), $sheet->press),
            'school' => $sheet->school->value,
            'copies' => $sheet->copies->value,
            'arrange' => $sheet->arrange,
            'packs' => (object) array_map(fn (array $pack): array => array_map(fn (array $piece): array => [
                'slot' => $piece['slot'], 'count' => $piece['count'], 'width' => $piece['width']->encode(), 'length' => $piece['length']->encode(),
            ], $pack), $sheet->packs),
            'also' => array_map(fn (OtherLayout $other): array => [
                'id' => $other->id, 'name' => $other->name, 'finished' => $other->finished->encode(),
                'placements' => $this->placements($other->placements),
            ], $sheet->also),
        ];
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<string>
     */
    private function placements(array $placements): array
    {
        return array_map(
            fn (Placement $placement): string => implode(
                ' ',
                [$placement->product, $placement->x->encode(), $placement->y->encode(), $placement->turn],
            ),
            $placements,
        );
    }

    /** @return array{seams: int, length: float, minutes: int} */
    private function effort(Effort $effort): array
    {
        return ['seams' => $effort->seams, 'length' => round($effort->seamLength, 4), 'minutes' => $effort->minutes];
    }

    /** @return array<string, mixed> */
    private function announcement(Announcement $sheet): array
    {
        return [
            'title' => $sheet->title,
            'slots' => array_values(array_map(fn (Slot $slot): array => [
                'id' => $slot->id,
                'letter' => $slot->letter,
                'name' => $slot->name,
                'value' => $slot->value->value,
                ...($slot->instead === null ? [] : ['instead' => $slot->instead]),
            ], $sheet->slots)),
            'colourways' => array_values(array_map(fn (Colourway $colourway): array => [
                'id' => $colourway->id,
                'name' => $colourway->name,
                'cloths' => array_map(fn (Cloth $cloth): array => ['name' => $cloth->name, 'colour' => $cloth->colour], $colourway->cloths),
            ], $sheet->colourways)),
            'sizes' => array_values(array_map(fn (AnnouncedSize $size): array => [
                'id' => $size->id,
                'name' => $size->name,
                'finished' => $size->finished->encode(),
            ], $sheet->sizes)),
            'usable_width' => $sheet->usableWidth->encode(),
            'minutes' => $sheet->minutes,
            ...($sheet->sizeNeededAt === null ? [] : ['size_needed_at' => $sheet->sizeNeededAt]),
            ...($sheet->fabricsNeededAt === [] ? [] : ['fabrics_needed_at' => $sheet->fabricsNeededAt]),
            ...($sheet->prepare->isEmpty() ? [] : ['prepare' => $sheet->prepare->toData()]),
            ...($sheet->quilting === null ? [] : ['quilting' => [
                'join' => $sheet->quilting->join->value, 'allowance' => $sheet->quilting->allowance->encode(),
                'edge_kept' => $sheet->quilting->edgeKept, 'trim' => $sheet->quilting->trim->encode(),
            ]]),
            'cloth_clues' => (object) $sheet->clothClues,
            'cloth' => (object) array_map(
                fn (array $slots): object => (object) array_map(fn (Length $length): string => $length->encode(), $slots),
                $sheet->cloth,
            ),
        ];
    }

    /**
     * @param  list<Patch>  $patches
     * @return list<string>
     */
    private function patches(array $patches): array
    {
        return array_map(fn (Patch $patch): string => $this->patches[$patch] ??= $patch->encode(), $patches);
    }
}
