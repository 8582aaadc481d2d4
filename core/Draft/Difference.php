<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

/** Something that two documents say differently: new, gone, changed, or a list in another order. */
final readonly class Difference
{
    public const ADDED = 'added';

    public const REMOVED = 'removed';

    public const CHANGED = 'changed';

    public const ORDER = 'order';

    /**
     * @param  string  $kind  one of the constants
     * @param  Value  $was  of a list in another order, the ids as they stood
     */
    public function __construct(
        public string $kind,
        public Place $place,
        public Value $was,
        public Value $is,
    ) {
    }
}
