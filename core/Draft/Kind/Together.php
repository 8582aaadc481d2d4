<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Type\ListType;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edit;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;

/** Several edits that are one: all of them are made or none, and they are undone at once. */
final readonly class Together implements EditKind
{
    private const MOST = 1000;

    private const DEEPEST = 4;

    /** @param  list<Edit>  $edits  in their order */
    public function __construct(private array $edits)
    {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts(['edits' => new ListType(EditParts::any(), 1, self::MOST)]);
    }

    public static function read(string $kind, EditData $data): self
    {
        if ($data->depth >= self::DEEPEST) {
            throw new EditRefused('too_deep');
        }

        return new self(array_map(fn (array $edit): Edit => EditLibrary::read($edit, $data->depth + 1), $data->maps('edits')));
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
