<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Geometry\Outline;
use Dew\Core\Measure\Measurement;

/** How a piece lies on the strip it is cut from, when it is more than a plain square or rectangle. */
final readonly class Lay
{
    /**
     * @param  Outline|null  $outline  the shape to cut within the piece's width and length; null for a rectangle
     * @param  Measurement|null  $advance  what each further piece (or group) takes of the strip, where shapes interlock; null when it is
     *     the length
     * @param  positive-int  $group  shapes that one advance holds
     * @param  Measurement|null  $lost  of a strip set's length before the first cut at a slant
     * @param  bool  $chiral  its mirror image is another shape: cut in one layer or with all faces the same way up
     * @param  bool  $mirrored  to be cut as the mirror image of what is drawn
     * @param  Grain|null  $grain  null where the lines on the piece tell it
     */
    public function __construct(
        public ?Outline $outline = null,
        public ?Measurement $advance = null,
        public int $group = 1,
        public ?Measurement $lost = null,
        public bool $chiral = false,
        public bool $mirrored = false,
        public ?Grain $grain = null,
    ) {
    }

    /** The same for the mirror image of the unit: left and right pieces are exchanged. */
    public function turnedOver(): self
    {
        return $this->chiral
            ? new self($this->outline, $this->advance, $this->group, $this->lost, true, ! $this->mirrored, $this->grain)
            : $this;
    }
}
