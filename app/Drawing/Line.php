<?php

declare(strict_types=1);

namespace App\Drawing;

/** A line to sew (dashed), to cut (solid), or the raw edge around a unit (fine dashes). */
final readonly class Line
{
    /** @param  string|null  $ink a colour that stands out on the cloth beneath; null for the theme's own */
    public function __construct(
        public string $path,
        public LineKind $kind,
        public ?string $ink = null,
    ) {
    }
}
