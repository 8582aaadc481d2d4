<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

/** What a block looks like in another way of turning its parts. */
final readonly class WayLook
{
    /**
     * @param  string  $name  of the way
     * @param  list<Placement>  $placements  where its parts lie then
     * @param  list<Patch>  $patches  of a block that is drawn as patches, because it is trimmed; empty for others
     */
    public function __construct(
        public string $name,
        public array $placements,
        public array $patches = [],
    ) {
    }
}
