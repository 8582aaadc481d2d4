<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Geometry\Outline;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;

/** A shape to cut: its size as it lies on the mat, its fabrics, how far one goes, and the lines to sew and cut on it afterwards. */
final readonly class Piece
{
    /**
     * @param  string  $id  stable within the unit and method
     * @param  non-empty-list<string>  $slots  one slot id; several for a segment of a strip set
     * @param  Measurement  $width  height of the strip it is cut from
     * @param  Measurement|null  $length  along that strip, for the first one; null for a strip across the whole width of the cloth
     * @param  positive-int  $yield  parts that one batch of this piece gives: units from a pair of squares, triangles from a square, segments from a strip
     * @param  positive-int  $perUnit  of those parts, how many one unit takes
     * @param  positive-int  $each  how many of this piece one batch takes
     * @param  string|null  $segment  for a strip: the id of the segment its set is cut into
     * @param  list<Outline>  $sewLines  in inches from the piece's top left corner, at its exact size
     * @param  list<Outline>  $cutLines  likewise
     * @param  Outline|null  $outline  the shape to cut where that is no square or rectangle, within its width and length
     * @param  bool  $chiral  its mirror image is another shape: cut in one layer or with all faces the same way up
     * @param  bool  $mirrored  to be cut as the mirror image of what is drawn
     * @param  Measurement|null  $advance  what each further one (or group) takes of the strip, where shapes interlock; null when it is the length
     * @param  positive-int  $group  shapes that one advance holds
     * @param  Measurement|null  $lost  of a strip set's length before the first cut at a slant
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
        public ?Outline $outline = null,
        public bool $chiral = false,
        public bool $mirrored = false,
        public ?Measurement $advance = null,
        public int $group = 1,
        public ?Measurement $lost = null,
        private ?Grain $givenGrain = null,
    ) {
    }

    public function isSegment(): bool
    {
        return $this->shape === PieceShape::Segment;
    }

    /** Cut out of a sewn strip set. */
    public function isFromSet(): bool
    {
        return $this->shape === PieceShape::Segment || $this->shape === PieceShape::SetSquare;
    }

    /** How many of these one strip set on cloth of this width gives, once its end is squared: never below zero. */
    public function perSet(Length $usableWidth, Length $squaring, ?Notation $notation = null): int
    {
        $pitch = $this->advance ?? $this->width;
        $set = $usableWidth->minus($squaring)->minus($this->lost->exact ?? Length::zero());

        return $set->isPositive() ? $set->countOf($notation === null ? $pitch->exact : $pitch->in($notation)) : 0;
    }

    /** Cut from cloth, and not from something sewn or made before. */
    public function isCloth(): bool
    {
        return ! $this->isFromSet() && $this->shape !== PieceShape::Part;
    }

    /** Squares cut once before any sewing give triangles with their short edges on the grain; cut twice, with their long edge. */
    public function grain(): Grain
    {
        return $this->givenGrain ?? ($this->sewLines !== [] || $this->cutLines === [] ? Grain::Edges : (count($this->cutLines) === 1 ? Grain::ShortEdges : Grain::LongEdge));
    }

    /** How wide the cloth must at least be, whichever way it is laid. */
    public function minimumStock(): Measurement
    {
        return $this->length === null || $this->width->exact->isLessThan($this->length->exact) ? $this->width : $this->length;
    }

    /** Layers that may be cut at once: up to four of straight cuts, two round a template. */
    public function mostLayers(): int
    {
        return $this->shape === PieceShape::Template ? 2 : 4;
    }

    /** Whether all layers must lie with the same face up: folded cloth would give half of them mirrored. */
    public function needsFacesUp(): bool
    {
        return $this->chiral;
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

    /**
     * How many come out of one strip of the cloth. Exact when no notation is given; else at the marks the reader's ruler has, since a rounded
     * piece takes a rounded share of the strip.
     *
     * @return int 0 when it is itself a strip, is not cut from cloth, or is longer than the cloth is wide
     */
    public function perStrip(Length $usableWidth, ?Notation $notation = null): int
    {
        if ($this->length === null || ! $this->isCloth()) {
            return 0;
        }
        $read = fn (Measurement $measure): Length => $notation === null ? $measure->exact : $measure->in($notation);
        $first = $read($this->length);
        $next = $this->advance === null ? $first : $read($this->advance);
        if ($first->isGreaterThan($usableWidth)) {
            return 0;
        }
        if ($this->group === 1) {
            return 1 + $usableWidth->minus($first)->countOf($next);
        }
        $groups = $usableWidth->countOf($next);

        return $groups * $this->group + ($usableWidth->minus($next->times($groups))->isLessThan($first) ? 0 : 1);
    }

    public function withYield(int $yield): self
    {
        return $yield < 1 ? $this : $this->changed(yield: $yield);
    }

    /**
     * So many of what this piece gives in each unit, as where one unit holds several of another.
     *
     * @param  positive-int  $perUnit
     */
    public function times(int $perUnit): self
    {
        return $this->changed(perUnit: $this->perUnit * $perUnit);
    }

    /** Whether it is trimmed afterwards, so that it may be cut larger: what is cut round an outline is as large as that. */
    public function mayBeLarger(): bool
    {
        return $this->outline === null && $this->isCloth() && ($this->width->mayGrow() || ($this->length?->mayGrow() ?? false)) || $this->shape === PieceShape::SetSquare;
    }

    /** Cut larger, to be trimmed later. */
    public function larger(Length $by): self
    {
        return ! $this->mayBeLarger() ? $this : $this->changed(
            width: $this->width->mayGrow() ? $this->width->plus($by) : $this->width,
            length: $this->length !== null && $this->length->mayGrow() ? $this->length->plus($by) : $this->length,
        );
    }

    /** The same piece of the mirror image of its unit. */
    public function turnedOver(): self
    {
        return $this->changed(mirrored: $this->chiral ? ! $this->mirrored : $this->mirrored);
    }

    /**
     * @param  positive-int|null  $yield
     * @param  positive-int|null  $perUnit
     */
    private function changed(?Measurement $width = null, ?Measurement $length = null, ?int $yield = null, ?int $perUnit = null, ?bool $mirrored = null): self
    {
        return new self(
            $this->id, $this->shape, $this->slots, $width ?? $this->width, $length ?? $this->length, $yield ?? $this->yield, $perUnit ?? $this->perUnit, $this->each,
            $this->segment, $this->sewLines, $this->cutLines, $this->outline, $this->chiral, $mirrored ?? $this->mirrored, $this->advance, $this->group, $this->lost, $this->givenGrain,
        );
    }
}
