<?php

declare(strict_types=1);

namespace Dew\Core\Fabric;

/** What stands for a fabric on paper and screen until a member shows her own. */
final readonly class Cloth
{
    /** @param  string  $colour `#rrggbb` */
    public function __construct(
        public string $name,
        public string $colour,
    ) {
    }

    /** Where a colourway has a gap: the slot's name and a grey. */
    public static function missing(Slot $slot): self
    {
        return new self($slot->name, '#c9c9c4');
    }
}
