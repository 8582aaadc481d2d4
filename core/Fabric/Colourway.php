<?php

declare(strict_types=1);

namespace Dew\Core\Fabric;

/** One set of cloth for every slot. */
final readonly class Colourway
{
    /**
     * @param  array<string, Cloth>  $cloths by slot id
     * @param  list<string>  $gaps  ids of the slots that have no cloth of their own
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $cloths,
        public array $gaps = [],
    ) {
    }
}
