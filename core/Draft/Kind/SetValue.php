<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;

/** Puts a value at a place: a title, a size, a colour, the fabrics of a unit, a setting. Or takes one away that may be left out. */
final readonly class SetValue implements EditKind
{
    /** @param  Value|null  $expected  what stood there when it was asked for; null when that does not matter */
    public function __construct(
        private Place $place,
        private Value $to,
        private ?Value $expected = null,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts(['place' => EditParts::place(), 'to' => EditParts::any(), 'expect' => EditParts::any()], 'to', 'expect');
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self($data->place('place'), $data->value('to'), $data->expected());
    }

    public function changes(DraftDocument $document): array
    {
        $there = $document->at($this->place);
        if ($this->expected !== null && ! $there->equals($this->expected)) {
            throw new EditConflict($this->place, $this->expected, $there, $this->to);
        }
        $follower = $document->follower($this->place);

        return [new Change($this->place, $there, $this->to, $follower, $follower), ...$this->cloths($document, $there)];
    }

    /**
     * A cloth that still goes by the name of its fabric takes the new one with it; a name that somebody typed stays.
     *
     * @return list<Change>
     */
    private function cloths(DraftDocument $document, Value $was): array
    {
        [$list, $fabric, $key] = $this->place->steps + ['', '', ''];
        if ($list !== 'fabrics' || $key !== 'name' || count($this->place->steps) !== 3 || ! $was->exists || ! $this->to->exists) {
            return [];
        }
        $changes = [];
        foreach ($document->items(Place::of('colourways')) as $colourway) {
            $name = Place::of('colourways', (string) Place::idOf($colourway), 'cloth', $fabric, 'name');
            if ($document->at($name)->equals($was)) {
                $changes[] = new Change($name, $was, $this->to);
            }
        }

        return $changes;
    }
}
