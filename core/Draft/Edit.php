<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

/** A change to a draft, as somebody asked for it. It is worked out against the document that is there when it is applied. */
interface Edit
{
    /**
     * What it changes in a document, in order.
     *
     * @return list<Change>
     *
     * @throws EditRefused when it cannot mean anything there
     * @throws EditConflict when what it expects is no longer there
     */
    public function changes(DraftDocument $document): array;
}
