<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use Dew\Core\Document\Type\ListType;
use Dew\Core\Document\Type\RecordType;
use Dew\Core\Document\Type\TextType;

/** An edit that says outright what was and what is to be: undo and redo are of this kind. */
final readonly class Changes implements EditKind
{
    private const MOST = 1000;

    /** @param  list<Change>  $changes */
    public function __construct(private array $changes)
    {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts(['changes' => new ListType(new RecordType([
            'place' => EditParts::place(), 'was' => EditParts::any(), 'is' => EditParts::any(), 'stood_before' => new TextType(40),
            'stands_before' => new TextType(40), 'stood_behind' => new TextType(40), 'stands_behind' => new TextType(40),
        ], ['was', 'is', 'stood_before', 'stands_before', 'stood_behind', 'stands_behind']), 0, self::MOST)]);
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self(array_map(Change::fromArray(...), $data->maps('changes')));
    }

    public function changes(DraftDocument $document): array
    {
        return $this->changes;
    }

    /** @return array<string, mixed> as a file of edits has it */
    public function toArray(): array
    {
        return ['kind' => 'changes', 'changes' => array_map(fn (Change $change): array => $change->toArray(), $this->changes)];
    }
}
