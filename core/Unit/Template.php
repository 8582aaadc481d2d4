<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Geometry\Outline;

/** What is marked on a template besides its outline, in the coordinates of that outline. */
final readonly class Template
{
    /**
     * @param  list<Outline>  $notches  short lines from the raw edge inwards, each of two corners
     * @param  Outline|null  $later  the outline once the spare allowance outside is trimmed away; null where there is none
     * @param  Outline|null  $sewing  the finished shape, along whose edges it is sewn
     */
    public function __construct(
        public array $notches = [],
        public ?Outline $later = null,
        public ?Outline $sewing = null,
    ) {
    }
}
