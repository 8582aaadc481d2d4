<?php

declare(strict_types=1);

namespace Dew\Core\Fabric;

/** A place for a fabric in the design: its id for good, the letter people read, and the part it plays. */
final readonly class Slot
{
    /** @param  string|null  $instead  of an optional fabric: the one whose cloth a member may take in its place */
    public function __construct(
        public string $id,
        public string $letter,
        public string $name,
        public FabricValue $value,
        public ?string $instead = null,
    ) {
    }
}
