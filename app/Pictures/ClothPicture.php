<?php

declare(strict_types=1);

namespace App\Pictures;

/** A picture of cloth that is kept: its name, and the colour that it is on the whole. */
final readonly class ClothPicture
{
    /** @param  string  $colour  `#rrggbb` */
    public function __construct(
        public string $hash,
        public string $colour,
    ) {
    }
}
