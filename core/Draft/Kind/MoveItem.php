<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edit;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Place;

/** Gives a thing another place in the order of its list: a clue, a task, a fabric, a size. */
final readonly class MoveItem implements Edit
{
    /** @param  string|null  $before  the id of the item it goes before; null for the end */
    public function __construct(
        private Place $place,
        private ?string $before,
    ) {
    }

    public function changes(DraftDocument $document): array
    {
        $there = $document->at($this->place);
        $id = $this->place->steps[count($this->place->steps) - 1];
        $beside = $this->before === null
            ? null
            : Place::parse(implode('/', [...array_slice($this->place->steps, 0, -1), $this->before]));
        if (! $there->exists || Place::idOf($there->value) !== $id) {
            throw new EditRefused(sprintf('There is no %s in this design to move.', $this->place->text()));
        }
        if ($beside !== null && ! $document->at($beside)->exists) {
            throw new EditRefused(sprintf('There is no %s to move this before.', $beside->text()));
        }

        return $this->before === $id ? [] : [new Change($this->place, $there, $there, $document->follower($this->place), $this->before)];
    }
}
