<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Type\TextType;
use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;

/** Removes a thing from its list. With a fabric go its cloths in every colourway, and the note that it may be chosen later. */
final readonly class RemoveItem implements EditKind
{
    /**
     * @param  string|null  $digest  of what is expected there, where that is long: {@see Value::digest()}
     */
    public function __construct(
        private Place $place,
        private ?Value $expected = null,
        private ?string $digest = null,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts(['place' => EditParts::place(), 'expect' => EditParts::any(), 'digest' => new TextType(64)], 'expect', 'digest');
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self($data->place('place'), $data->expected(), $data->textOrNull('digest'));
    }

    public function changes(DraftDocument $document): array
    {
        $there = $document->at($this->place);
        if ($this->expected !== null && ! $there->equals($this->expected)) {
            throw new EditConflict($this->place, $this->expected, $there, Value::nothing());
        }
        if ($there->exists && $this->digest !== null && $there->digest() !== $this->digest) {
            throw new EditConflict($this->place, Value::nothing(), $there, Value::nothing());
        }
        if (! $there->exists) {
            throw new EditRefused('gone_already', ['place' => $this->place->text()]);
        }
        $changes = $this->place->steps[0] === 'fabrics' ? $this->cloths($document, (string) Place::idOf($there->value)) : [];

        return [...$changes, new Change($this->place, $there, Value::nothing(), stoodBefore: $document->follower($this->place))];
    }

    /** @return list<Change> */
    private function cloths(DraftDocument $document, string $fabric): array
    {
        $changes = [];
        foreach ($document->items(Place::of('colourways')) as $colourway) {
            $place = Place::of('colourways', (string) Place::idOf($colourway), 'cloth', $fabric);
            if ($document->at($place)->exists) {
                $changes[] = new Change($place, $document->at($place), Value::nothing());
            }
        }
        $place = Place::of('later', 'fabrics');
        $later = $document->at($place);
        if (is_array($later->value) && in_array($fabric, $later->value, true)) {
            $left = array_values(array_filter($later->value, fn (mixed $id): bool => $id !== $fabric));
            $changes[] = new Change($place, $later, $left === [] ? Value::nothing() : Value::of($left));
        }

        return $changes;
    }
}
