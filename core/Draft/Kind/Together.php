<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edit;

/** Several edits that are one: all of them are made or none, and they are undone at once. */
final readonly class Together implements Edit
{
    /** @param  list<Edit>  $edits  in their order */
    public function __construct(private array $edits)
    {
    }

    public function changes(DraftDocument $document): array
    {
        $changes = [];
        foreach ($this->edits as $edit) {
            foreach ($edit->changes($document) as $change) {
                $document = $document->with($change);
                $changes[] = $change;
            }
        }

        return $changes;
    }
}
