<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Geometry\Arc;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** One piece of a unit the library does not know: where it lies when sewn, and, if its host says so, the size to cut it at. */
final readonly class CustomPiece
{
    /**
     * @param  int  $fabric  number of its fabric among the unit's, from zero
     * @param  Outline  $outline  in finished inches from the unit's top left corner
     * @param  Size|null  $cut  the rectangle to cut; null to cut round a template of the outline moved out by the seam
     * @param  positive-int  $yield  how many of this piece one such rectangle gives
     */
    public function __construct(
        public string $id,
        public int $fabric,
        public Outline $outline,
        public ?Size $cut = null,
        public int $yield = 1,
    ) {
    }

    /** A given cutting size is right at the size it was given for only: scaled, the piece is cut by its outline. */
    public function scaled(int $numerator, int $denominator): self
    {
        $scale = fn (Length $length): Length => $length->times($numerator, $denominator);
        $path = [];
        foreach ($this->outline->corners as $index => $corner) {
            $path[] = new Point($scale($corner->x), $scale($corner->y));
            if (isset($this->outline->arcs[$index])) {
                $path[] = new Arc($scale($this->outline->arcs[$index]->radius), $this->outline->arcs[$index]->clockwise);
            }
        }

        return new self($this->id, $this->fabric, new Outline(...$path), $numerator === $denominator ? $this->cut : null, $this->yield);
    }
}
