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

/** Gives a thing another place in the order of its list: a clue, a task, a fabric, a size. */
final readonly class MoveItem implements EditKind
{
    /**
     * @param  string|null  $before  the id of the item it goes before; null for the end
     * @param  Place|null  $to  another list of the same kind, such as the tasks of another clue; null for the list it is in
     */
    public function __construct(
        private Place $place,
        private ?string $before,
        private ?Place $to = null,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts(['place' => EditParts::place(), 'before' => EditParts::id(), 'to' => EditParts::place()], 'before', 'to');
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self($data->place('place'), $data->textOrNull('before'), $data->placeOrNull('to'));
    }

    public function changes(DraftDocument $document): array
    {
        $there = $document->at($this->place);
        $id = $this->place->steps[count($this->place->steps) - 1];
        $own = Place::parse(implode('/', array_slice($this->place->steps, 0, -1)));
        $list = $this->to ?? $own;
        $beside = $this->before === null ? null : $list->within($this->before);
        if (! $there->exists || Place::idOf($there->value) !== $id) {
            throw new EditRefused('nothing_to_move', ['place' => $this->place->text()]);
        }
        if ($beside !== null && ! $document->at($beside)->exists) {
            throw new EditRefused('nothing_to_move_before', ['place' => $beside->text()]);
        }

        if ($list->text() !== $own->text()) {
            return $this->intoAnother($document, $list, $id, $there);
        }

        return $this->before === $id ? [] : [new Change($this->place, $there, $there, $document->follower($this->place), $this->before)];
    }

    /** @return list<Change> */
    private function intoAnother(DraftDocument $document, Place $list, string $id, Value $there): array
    {
        $last = fn (Place $place): string => $place->steps[count($place->steps) - 1];
        $kind = $this->place->steps[count($this->place->steps) - 2] ?? '';
        if ($last($list) !== $kind || ! is_array($document->at($list)->value)) {
            throw new EditRefused('not_moved_into', ['place' => $this->place->text(), 'list' => $list->text()]);
        }
        if ($document->at($list->within($id))->exists) {
            throw new EditRefused('there_already', ['id' => $id, 'list' => $list->text()]);
        }

        return [
            new Change($this->place, $there, Value::nothing(), $document->follower($this->place)),
            new Change($list->within($id), Value::nothing(), $there, standsBefore: $this->before),
        ];
    }
}
