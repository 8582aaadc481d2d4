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
use Dew\Core\Draft\References;
use Dew\Core\Draft\Value;

/** Takes one fabric instead of another, everywhere or in one unit or block. Merged, the fabric that is replaced goes as well. */
final readonly class ReplaceFabric implements EditKind
{
    /** @param  Place|null  $in  a unit or a block; null for the whole design */
    public function __construct(
        private string $fabric,
        private string $by,
        private ?Place $in = null,
        private bool $merged = false,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        $parts = ['fabric' => EditParts::id(), 'by' => EditParts::id()];

        return $kind === 'merge-fabrics' ? new EditParts($parts) : new EditParts([...$parts, 'in' => EditParts::place()], 'in');
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self($data->text('fabric'), $data->text('by'), $data->placeOrNull('in'), merged: $kind === 'merge-fabrics');
    }

    public function changes(DraftDocument $document): array
    {
        foreach ([$this->fabric, $this->by] as $fabric) {
            if (! $document->at(Place::of('fabrics', $fabric))->exists) {
                throw new EditRefused('no_fabric', ['fabric' => $fabric]);
            }
        }
        if ($this->fabric === $this->by) {
            throw new EditRefused('same_fabric', ['fabric' => $this->by]);
        }
        $changes = [];
        foreach ($this->in === null ? $this->places($document) : [$this->in] as $place) {
            $there = $document->at($place);
            if (! is_array($there->value)) {
                throw new EditRefused('nothing_at', ['place' => $place->text()]);
            }
            $is = References::renamed($there->value, $place->steps[0], 'fabrics', [$this->fabric => $this->by]);
            $follower = $document->follower($place);
            $changes[] = new Change($place, $there, Value::of($is), $follower, $follower);
        }
        if (! $this->merged) {
            return $changes;
        }

        return [...$changes, ...(new RemoveItem(Place::of('fabrics', $this->fabric)))->changes($document)];
    }

    /** @return list<Place> everything that may name a fabric, but for colourways */
    private function places(DraftDocument $document): array
    {
        $places = $document->at(Place::of('setting'))->exists ? [Place::of('setting')] : [];
        foreach (['units', 'blocks', 'clues'] as $list) {
            foreach ($document->items(Place::of($list)) as $item) {
                $places[] = Place::of($list, (string) Place::idOf($item));
            }
        }

        return $places;
    }
}
