<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Geometry\Outline;
use Dew\Core\Measure\Measurement;

/** A shape to cut: its size as it lies on the mat, its fabrics, how far one goes, and the lines to sew and cut on it afterwards. */
final readonly class Piece
{
    /**
     * @param  string  $id  stable within the unit and method
     * @param  non-empty-list<string>  $slots  one slot id; several for a segment of a strip set
     * @param  Measurement|null  $length  null for a strip across the whole width of the cloth
     * @param  positive-int  $yield  parts that one batch of this piece gives: units from a pair of squares, triangles from a square, segments from a strip
     * @param  positive-int  $perUnit  of those parts, how many one unit takes
     * @param  positive-int  $each  how many of this piece one batch takes
     * @param  string|null  $segment  for a strip: the id of the segment its set is cut into
     * @param  list<Outline>  $sewLines  in inches from the piece's top left corner, at its exact size
     * @param  list<Outline>  $cutLines  likewise
     */
    public function __construct(
        public string $id,
        public PieceShape $shape,
        public array $slots,
        public Measurement $width,
        public ?Measurement $length,
        public int $yield = 1,
        public int $perUnit = 1,
        public int $each = 1,
        public ?string $segment = null,
        public array $sewLines = [],
        public array $cutLines = [],
    ) {
    }

    public function isSegment(): bool
    {
        return $this->shape === PieceShape::Segment;
    }

    /** How often this piece's batch is needed for so many units, rounded up. */
    public function batches(int $units): int
    {
        return $units <= 0 ? 0 : intdiv($units * $this->perUnit + $this->yield - 1, $this->yield);
    }

    /** How many of this piece to cut for so many units. */
    public function quantity(int $units): int
    {
        return $this->batches($units) * $this->each;
    }

    public function withYield(int $yield): self
    {
        return $yield < 1 ? $this : new self($this->id, $this->shape, $this->slots, $this->width, $this->length, $yield, $this->perUnit, $this->each, $this->segment, $this->sewLines, $this->cutLines);
    }
}
