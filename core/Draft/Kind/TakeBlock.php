<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Type\ListType;
use Dew\Core\Document\Type\MapType;
use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edit;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\References;
use Dew\Core\Draft\Value;

/**
 * Takes a block out of another design, such as the library, with the units and blocks in it, in fabrics of this design. What this design
 * has already, the same in all but its id and name, is used and not taken again; ids that are taken get a number behind them.
 */
final readonly class TakeBlock implements EditKind
{
    /** Characters of an id, with room for a number behind it. */
    private const ROOM = 36;

    /**
     * @param  list<array<array-key, mixed>>  $units  as they stand in the other design
     * @param  list<array<array-key, mixed>>  $blocks  likewise
     * @param  array<string, string>  $fabrics  this design's, by those of the other one
     */
    public function __construct(
        private array $units,
        private array $blocks,
        private array $fabrics,
    ) {
    }

    /**
     * The edit that takes one block of another design.
     *
     * @param  array<string, string>  $fabrics  by those of the other one
     *
     * @throws EditRefused when there is no such block
     */
    public static function of(DraftDocument $from, string $block, array $fabrics): self
    {
        if (! $from->at(Place::of('blocks', $block))->exists) {
            throw new EditRefused('no_block_to_take', ['block' => $block]);
        }
        $needed = ['units' => [], 'blocks' => []];
        $look = [['blocks', $block]];
        while ($look !== []) {
            [$list, $id] = array_shift($look);
            $item = $from->at(Place::of($list, $id))->value;
            if (isset($needed[$list][$id]) || ! is_array($item)) {
                continue;
            }
            $needed[$list][$id] = true;
            foreach (References::in(new DraftDocument([$list => [$item]])) as $reference) {
                if ($reference->list === 'units' || $reference->list === 'blocks') {
                    $look[] = [$reference->list, $reference->id];
                }
            }
        }
        $taken = fn (string $list): array => array_values(array_filter(
            $from->items(Place::of($list)),
            fn (array $item): bool => isset($needed[$list][(string) Place::idOf($item)]),
        ));

        return new self($taken('units'), $taken('blocks'), $fabrics);
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts([
            'units' => new ListType(EditParts::any(), 0, 500), 'blocks' => new ListType(EditParts::any(), 1, 200),
            'fabrics' => new MapType(EditParts::id()),
        ]);
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self($data->maps('units'), $data->maps('blocks'), $data->texts('fabrics'));
    }

    public function changes(DraftDocument $document): array
    {
        $changes = [];
        $names = ['fabrics' => $this->fabrics, 'units' => [], 'blocks' => []];
        foreach (['units' => $this->units, 'blocks' => $this->blocks] as $list => $items) {
            foreach ($items as $item) {
                $id = Place::idOf($item) ?? throw new EditRefused('taken_without_id', ['list' => $list]);
                $item = $this->inThisDesign($item, $list, $names);
                $names[$list][$id] = $this->same($document, $list, $item) ?? $this->freeId($document, $id);
                $place = Place::of($list, $names[$list][$id]);
                if (! $document->at($place)->exists) {
                    $change = new Change($place, Value::nothing(), Value::of(['id' => $names[$list][$id]] + $item));
                    $document = $document->with($change);
                    $changes[] = $change;
                }
            }
        }
        // The block that was asked for stands last, behind those in it.
        $last = array_key_last($names['blocks']);

        return $last === null ? $changes : [...$changes, ...FirstBlock::laid($document, $names['blocks'][$last])];
    }

    /**
     * @param  array<array-key, mixed>  $item
     * @param  array<string, array<string, string>>  $names  new ids by old ones, by list
     * @return array<array-key, mixed>
     */
    private function inThisDesign(array $item, string $list, array $names): array
    {
        foreach (References::in(new DraftDocument([$list => [$item]])) as $reference) {
            if ($reference->list === 'fabrics' && ! isset($names['fabrics'][$reference->id])) {
                throw new EditRefused('fabric_for', ['fabric' => $reference->id]);
            }
        }
        foreach ($names as $named => $ids) {
            $item = References::renamed($item, $list, $named, $ids);
        }

        return $item;
    }

    /**
     * The id of what is the same in all but id and name.
     *
     * @param  array<array-key, mixed>  $item
     */
    private function same(DraftDocument $document, string $list, array $item): ?string
    {
        $plain = fn (array $of): Value => Value::of(array_diff_key($of, ['id' => true, 'name' => true]));
        foreach ($document->items(Place::of($list)) as $there) {
            if ($plain($there)->equals($plain($item))) {
                return Place::idOf($there);
            }
        }

        return null;
    }

    private function freeId(DraftDocument $document, string $id): string
    {
        $free = $id;
        for ($number = 2; $document->at(Place::of('units', $free))->exists || $document->at(Place::of('blocks', $free))->exists; $number++) {
            $free = substr($id, 0, self::ROOM).'-'.$number;
        }

        return $free;
    }
}
