<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Place;

/** Copies a unit, a block, a size, a colourway or another thing with a name, and puts the copy behind it. */
final readonly class CopyItem implements EditKind
{
    public function __construct(
        private Place $place,
        private string $id,
        private string $name,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts(['place' => EditParts::place(), 'id' => EditParts::id(), 'name' => EditParts::name()]);
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self($data->place('place'), $data->text('id'), $data->text('name'));
    }

    public function changes(DraftDocument $document): array
    {
        $there = $document->at($this->place)->value;
        if (! is_array($there) || ! isset($there['id'], $there['name']) || count($this->place->steps) < 2) {
            throw new EditRefused('not_copied', ['place' => $this->place->text()]);
        }
        $list = Place::parse(implode('/', array_slice($this->place->steps, 0, -1)));
        $copy = ['id' => $this->id, 'name' => $this->name] + $there;

        return (new AddItem($list, $copy, $document->follower($this->place)))->changes($document);
    }
}
