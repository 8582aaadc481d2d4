<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Geometry\Outline;
use Dew\Core\Measure\Size;

/** One mat of one fabric, at true size. */
final readonly class CutSheet
{
    /**
     * @param  list<Outline>  $shapes  in inches from the mat's top left corner
     * @param  list<Outline>  $lines  cuts within shapes, such as the diagonal of a square
     */
    public function __construct(
        public string $slot,
        public Size $mat,
        public array $shapes,
        public array $lines,
    ) {
    }
}
