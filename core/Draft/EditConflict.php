<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use RuntimeException;

/** Somebody else has changed the same thing since: what the edit expected, what stands there now, and what it wants. */
final class EditConflict extends RuntimeException
{
    public function __construct(
        public readonly Place $place,
        public readonly Value $expected,
        public readonly Value $there,
        public readonly Value $wanted,
    ) {
        parent::__construct(sprintf(
            '%s was %s when this was changed to %s, and is %s now. Choose one of the two.',
            $place->text(), $expected->text(), $wanted->text(), $there->text(),
        ));
    }
}
