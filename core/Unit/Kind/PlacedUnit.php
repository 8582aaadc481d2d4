<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Point;

/** A unit made before that lies in a custom unit: which one, how it is turned, and where the top left corner of its box lies then. */
final readonly class PlacedUnit
{
    /** @param  string  $product  key of the unit as it is laid; of a mirrored use, of the mirrored unit */
    public function __construct(
        public string $product,
        public Orientation $orientation,
        public Point $at,
    ) {
    }

    public function scaled(int $numerator, int $denominator): self
    {
        $at = new Point($this->at->x->times($numerator, $denominator), $this->at->y->times($numerator, $denominator));

        return new self($this->product, $this->orientation, $at);
    }
}
