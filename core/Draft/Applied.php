<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

/** What came of an edit: the document after it, and the changes that were made, of which the edit that undoes it is made. */
final readonly class Applied
{
    /**
     * @param  list<Change>  $changes
     * @param  string  $text  the document's canonical bytes
     */
    public function __construct(
        public DraftDocument $document,
        public array $changes,
        public string $text,
    ) {
    }

    /** The edit that takes this one back. It applies as long as what was put is still there. */
    public function undo(): Changes
    {
        return new Changes(array_map(fn (Change $change): Change => $change->undone(), array_reverse($this->changes)));
    }

    /** The same changes once more, after they were undone. */
    public function redo(): Changes
    {
        return new Changes($this->changes);
    }

    /** @return list<string> the things that were changed: units/u-star, blocks/b-one, setting and so on */
    public function touched(): array
    {
        $touched = array_map(
            fn (Change $change): string => implode(
                '/',
                array_slice($change->place->steps, 0, $change->place->steps[0] === 'setting' ? 1 : 2),
            ),
            $this->changes,
        );

        return array_values(array_unique($touched));
    }
}
