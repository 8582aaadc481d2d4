<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

/** An edit that says outright what was and what is to be: undo and redo are of this kind. */
final readonly class Changes implements Edit
{
    /** @param  list<Change>  $changes */
    public function __construct(private array $changes)
    {
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
