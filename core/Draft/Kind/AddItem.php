<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;

/** Adds a thing with an id to a list: a fabric, a unit, a block, a size, a clue, a task, a border, a piece. */
final readonly class AddItem implements EditKind
{
    /**
     * @param  Place  $list  such as units, or clues/k-one/tasks
     * @param  array<array-key, mixed>  $item
     * @param  string|null  $before  the id of the item it goes before; null for the end
     */
    public function __construct(
        private Place $list,
        private array $item,
        private ?string $before = null,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts(['to' => EditParts::place(), 'item' => EditParts::any(), 'before' => EditParts::id()], 'before');
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self($data->place('to'), $data->map('item'), $data->textOrNull('before'));
    }

    public function changes(DraftDocument $document): array
    {
        $id = Place::idOf($this->item) ?? throw new EditRefused('no_id', ['list' => $this->list->text()]);
        $place = $this->list->within($id);
        if ($document->at($place)->exists) {
            throw new EditRefused('id_taken_in', ['id' => $id, 'list' => $this->list->text()]);
        }
        if ($this->before !== null && ! $document->at($this->list->within($this->before))->exists) {
            throw new EditRefused('nothing_to_put_before', ['id' => $this->before, 'list' => $this->list->text()]);
        }
        // A list that may be left out begins with its first item.
        $begin = $document->at($this->list)->exists ? [] : [new Change($this->list, Value::nothing(), Value::of([]))];

        return [...$begin, new Change($place, Value::nothing(), Value::of($this->item), standsBefore: $this->before)];
    }
}
