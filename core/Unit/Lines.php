<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Geometry\Outline;

/** The lines drawn on a piece, in inches from its top left corner, at its exact size. */
final readonly class Lines
{
    /**
     * @param  list<Outline>  $sew  lines of two corners
     * @param  list<Outline>  $cut  likewise
     */
    public function __construct(
        public array $sew = [],
        public array $cut = [],
    ) {
    }
}
