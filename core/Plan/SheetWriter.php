<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\Overhang;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Piece;
use WeakMap;

/** Writes sheets as JSON for the store: lengths exact, keys in a fixed order, the same bytes for the same sheet. */
final class SheetWriter
{
    /** @var WeakMap<Patch, string>|null */
    private static ?WeakMap $encoded = null;

    public static function write(ClueSheet|QuiltSheet|Announcement $sheet): string
    {
        return json_encode(match (true) {
            $sheet instanceof ClueSheet => self::clue($sheet),
            $sheet instanceof QuiltSheet => self::quilt($sheet),
            $sheet instanceof Announcement => self::announcement($sheet),
        }, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, mixed> */
    private static function clue(ClueSheet $sheet): array
    {
        return [
            'clue' => $sheet->clue,
            'number' => $sheet->number,
            'title' => $sheet->title,
            'introduction' => $sheet->introduction,
            'minutes' => $sheet->minutes,
            'size' => $sheet->size,
            'tasks' => array_map(self::task(...), $sheet->tasks),
        ];
    }

    /** @return array<string, mixed> */
    private static function task(TaskSheet $task): array
    {
        return [
            'task' => $task->task,
            'digest' => $task->digest,
            'name' => $task->name,
            'kind' => $task->kind->value,
            'count' => $task->count,
            'finished' => $task->finished->encode(),
            'unfinished' => $task->unfinished->encode(),
            'patches' => self::patches($task->patches),
            'making' => [
                'method' => $task->making->method->value,
                'pieces' => array_map(self::piece(...), $task->making->pieces),
                'steps' => array_map(self::step(...), $task->making->steps),
                'bias_edges' => $task->making->biasEdges,
                'cloth_per_unit' => $task->making->clothPerUnit,
            ],
            'offers' => array_map(fn (MethodOffer $offer): array => [
                'method' => $offer->method->value,
                'batches' => $offer->batches,
                'spares' => $offer->spares,
                'bias_edges' => $offer->biasEdges,
                'cloth' => $offer->cloth,
                'waste' => $offer->waste,
                ...($offer->stock === null ? [] : ['stock' => $offer->stock->encode()]),
            ], $task->offers),
            'overhangs' => array_map(fn (Overhang $overhang): string => $overhang->encode(), $task->overhangs),
            ...($task->oversize ? ['oversize' => true] : []),
            'waste' => round($task->waste, 4),
            'effort' => self::effort($task->effort),
            ...($task->drawing === null ? [] : ['drawing' => [
                'block' => $task->drawing->block,
                'units' => (object) array_map(self::patches(...), $task->drawing->units),
                'blocks' => (object) array_map(self::placements(...), $task->drawing->blocks),
                'names' => (object) $task->drawing->names,
            ]]),
        ];
    }

    /** @return array<string, mixed> */
    private static function piece(Piece $piece): array
    {
        return [
            'id' => $piece->id,
            'shape' => $piece->shape->value,
            'slots' => $piece->slots,
            'width' => $piece->width->encode(),
            ...($piece->length === null ? [] : ['length' => $piece->length->encode()]),
            'yield' => $piece->yield,
            'per_unit' => $piece->perUnit,
            'each' => $piece->each,
            ...($piece->segment === null ? [] : ['segment' => $piece->segment]),
            'sew' => self::lines($piece->sewLines),
            'cut' => self::lines($piece->cutLines),
            ...($piece->outline === null ? [] : ['outline' => $piece->outline->encode()]),
            ...($piece->chiral ? ['chiral' => true] : []),
            ...($piece->mirrored ? ['mirrored' => true] : []),
            ...($piece->advance === null ? [] : ['advance' => $piece->advance->encode()]),
            ...($piece->group === 1 ? [] : ['group' => $piece->group]),
            ...($piece->lost === null ? [] : ['lost' => $piece->lost->encode()]),
            'grain' => $piece->grain()->value,
        ];
    }

    /**
     * @param  list<Outline>  $lines
     * @return list<string>
     */
    private static function lines(array $lines): array
    {
        return array_map(fn (Outline $line): string => $line->encode(), $lines);
    }

    /** @return array<string, mixed> */
    private static function step(Step $step): array
    {
        return [
            'kind' => $step->kind->value,
            'code' => $step->code,
            'measures' => (object) array_map(fn (Measurement $measure): string => $measure->encode(), $step->measures),
            'slots' => (object) $step->slots,
            'counts' => (object) $step->counts,
            ...($step->sewing === null ? [] : ['sewing' => $step->sewing->value]),
        ];
    }

    /** @return array<string, mixed> */
    private static function quilt(QuiltSheet $sheet): array
    {
        return [
            'size' => $sheet->size,
            'finished' => $sheet->finished->encode(),
            'block' => $sheet->block->encode(),
            'units' => (object) array_map(self::patches(...), $sheet->units),
            'blocks' => (object) array_map(self::placements(...), $sheet->blocks),
            'block_names' => $sheet->blockNames,
            'placements' => self::placements($sheet->placements),
            'frame' => self::patches($sheet->frame),
            'block_counts' => $sheet->blockCounts,
            'unit_counts' => $sheet->unitCounts,
            'unit_names' => $sheet->unitNames,
            'perimeter' => $sheet->perimeter->encode(),
            'areas' => $sheet->areas,
            'effort' => self::effort($sheet->effort),
            'quilting' => (object) array_map(fn (Size|Length $size): string => $size->encode(), $sheet->quilting),
        ];
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<string>
     */
    private static function placements(array $placements): array
    {
        return array_map(fn (Placement $placement): string => implode(' ', [$placement->product, $placement->x->encode(), $placement->y->encode(), $placement->turn]), $placements);
    }

    /** @return array{seams: int, length: float, minutes: int} */
    private static function effort(Effort $effort): array
    {
        return ['seams' => $effort->seams, 'length' => round($effort->seamLength, 4), 'minutes' => $effort->minutes];
    }

    /** @return array<string, mixed> */
    private static function announcement(Announcement $sheet): array
    {
        return [
            'title' => $sheet->title,
            'slots' => array_values(array_map(fn (Slot $slot): array => [
                'id' => $slot->id,
                'letter' => $slot->letter,
                'name' => $slot->name,
                'value' => $slot->value->value,
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
        ];
    }

    /**
     * @param  list<Patch>  $patches
     * @return list<string>
     */
    private static function patches(array $patches): array
    {
        // The same patches stand in the sheets of every size.
        $encoded = self::$encoded ??= new WeakMap;

        return array_map(function (Patch $patch) use ($encoded): string {
            if (! isset($encoded[$patch])) {
                $encoded[$patch] = $patch->encode();
            }

            return $encoded[$patch];
        }, $patches);
    }
}
