<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Geometry\Outline;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;

/** A shape to cut: its size as it lies on the mat, its fabrics, how far one goes, and the lines to sew and cut on it afterwards. */
final readonly class Piece
{
    /**
     * @param  string  $id  stable within the unit and method; of something made before, its product key
     * @param  non-empty-list<string>  $slots  one slot id; several for a segment of a strip set or something made before
     * @param  Measurement  $width  height of the strip it is cut from
     * @param  Measurement|null  $length  along that strip, for the first one; null for a strip across the whole width of the cloth
     * @param  string|null  $label  the letter a given pattern calls it by
     * @param  Template|null  $template  what is marked on its template besides its outline
     */
    public function __construct(
        public string $id,
        public PieceShape $shape,
        public array $slots,
        public Measurement $width,
        public ?Measurement $length,
        public Batch $batch = new Batch,
        public Lines $lines = new Lines,
        public Lay $lay = new Lay,
        public ?string $label = null,
        public ?Template $template = null,
    ) {
    }

    /** A square of one fabric. */
    public static function square(string $id, string $slot, Measurement $side, Batch $batch = new Batch, Lines $lines = new Lines): self
    {
        return new self($id, PieceShape::Square, [$slot], $side, $side, $batch, $lines);
    }

    /** A square or rectangle of one fabric; its width is the height of the strip it is cut from. */
    public static function rectangle(string $id, string $slot, Measurement $width, Measurement $length, Batch $batch = new Batch): self
    {
        $shape = $width->exact->equals($length->exact) ? PieceShape::Square : PieceShape::Rectangle;

        return new self($id, $shape, [$slot], $width, $length, $batch);
    }

    /** A strip across the whole width of the cloth. */
    public static function strip(string $id, string $slot, Measurement $width, Batch $batch): self
    {
        return new self($id, PieceShape::Strip, [$slot], $width, null, $batch);
    }

    /**
     * A segment cut across a sewn strip set.
     *
     * @param  non-empty-list<string>  $slots  of its strips
     * @param  Measurement  $width  between the two cuts
     * @param  Measurement  $sewn  width of the sewn set
     */
    public static function segment(
        string $id,
        array $slots,
        Measurement $width,
        Measurement $sewn,
        Batch $batch = new Batch,
        Lay $lay = new Lay,
    ): self {
        return new self($id, PieceShape::Segment, $slots, $width, $sewn, $batch, lay: $lay);
    }

    /**
     * Something made before: a unit, a block, a row.
     *
     * @param  string  $key  its product key
     * @param  non-empty-list<string>  $slots
     */
    public static function part(string $key, array $slots, Measurement $width, Measurement $length, int $each = 1, Lay $lay = new Lay): self
    {
        return new self($key, PieceShape::Part, $slots, $width, $length, new Batch(each: max(1, $each)), lay: $lay);
    }

    public function isSegment(): bool
    {
        return $this->shape === PieceShape::Segment;
    }

    /** Whether it is cut out of a sewn strip set. */
    public function isFromSet(): bool
    {
        return $this->shape === PieceShape::Segment || $this->shape === PieceShape::SetSquare;
    }

    /** How many of these one strip set on cloth of this width gives, once its end is squared: never below zero. */
    public function perSet(Length $usableWidth, Length $squaring, ?Notation $notation = null): int
    {
        $pitch = $this->lay->advance ?? $this->width;
        $set = $usableWidth->minus($squaring)->minus($this->lay->lost->exact ?? Length::zero());

        return $set->isPositive() ? $set->countOf($notation === null ? $pitch->exact : $pitch->in($notation)) : 0;
    }

    /** Whether it is cut from cloth, and not from something sewn or made before. */
    public function isCloth(): bool
    {
        return ! $this->isFromSet() && $this->shape !== PieceShape::Part;
    }

    /** Squares cut once before any sewing give triangles with their short edges on the grain; cut twice, with their long edge. */
    public function grain(): Grain
    {
        return $this->lay->grain ?? match (true) {
            $this->lines->sew !== [] || $this->lines->cut === [] => Grain::Edges,
            count($this->lines->cut) === 1 => Grain::ShortEdges,
            default => Grain::LongEdge,
        };
    }

    /** How wide the cloth must at least be, whichever way the piece is laid. */
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
        return $this->lay->chiral;
    }

    /**
     * How a diamond or parallelogram comes out of its strip: at which angle, and how far apart two cuts are, measured square to them.
     * Example: a 45° diamond from a strip of 3 in is cut every 3 in, though it is 7 13⁄16 in long from tip to tip.
     *
     * @return array{int, Measurement}|null degrees and distance; null for a piece of another shape
     */
    public function slantedCut(): ?array
    {
        $side = $this->lay->advance;
        $outline = $this->lay->outline;
        $isSlanted = $this->shape === PieceShape::Diamond || $this->shape === PieceShape::Parallelogram;
        if (! $isSlanted || $side === null || $outline === null) {
            return null;
        }

        // At 45° the upper edge begins as far along as the strip is wide; else it is 60°.
        return $outline->corners[0]->x->equals($this->width->exact)
            ? [45, Measurement::exact($side->exact->timesRoot2()->dividedBy(2))]
            : [60, Measurement::exact($side->exact->timesRoot3()->dividedBy(2))];
    }

    /**
     * How far a diamond or parallelogram reaches from one sharp tip to the other: with side a along a strip of width w that is
     * √((a + w/tan α)² + w²), which is 2w for a 60° diamond.
     *
     * @return Measurement|null null for a piece of another shape
     */
    public function tipToTip(): ?Measurement
    {
        $angle = $this->slantedCut()[0] ?? null;
        if ($angle === null || $this->lay->advance === null) {
            return null;
        }
        $width = $this->width->exact->toFloat();

        return Measurement::exact(
            Length::approximately(hypot($this->lay->advance->exact->toFloat() + $width / tan(deg2rad($angle)), $width)), true,
        );
    }

    /** How often this piece's batch is needed for so many units, rounded up. */
    public function batches(int $units): int
    {
        return $this->batch->count($units);
    }

    /** How many of this piece to cut for so many units. */
    public function quantity(int $units): int
    {
        return $this->batch->count($units) * $this->batch->each;
    }

    /**
     * Square inches of cloth that a number of these takes at its exact size: a strip over the whole usable width, shapes that interlock by
     * their advance along the strip. Nothing for what is not cut from cloth.
     */
    public function cloth(int $quantity, Length $usableWidth): float
    {
        if (! $this->isCloth()) {
            return 0.0;
        }
        $length = ($this->lay->advance ?? $this->length)->exact ?? $usableWidth;

        return $quantity * $this->width->exact->toFloat() * $length->toFloat() / $this->lay->group;
    }

    /**
     * How many come out of one strip of the cloth. Exact when no notation is given; else at the marks the reader's ruler has, since a
     * rounded piece takes a rounded share of the strip.
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
        $next = $this->lay->advance === null ? $first : $read($this->lay->advance);
        if ($first->isGreaterThan($usableWidth)) {
            return 0;
        }
        if ($this->lay->group === 1) {
            return 1 + $usableWidth->minus($first)->countOf($next);
        }
        $groups = $usableWidth->countOf($next);

        return $groups * $this->lay->group + ($usableWidth->minus($next->times($groups))->isLessThan($first) ? 0 : 1);
    }

    /** The same piece when one batch of it gives another number of parts; a number below one changes nothing. */
    public function withYield(int $yield): self
    {
        return $yield < 1 ? $this : $this->changed(batch: $this->batch->yielding($yield));
    }

    /**
     * So many of what this piece gives in each unit, as where one unit holds several of another.
     *
     * @param  positive-int  $perUnit
     */
    public function times(int $perUnit): self
    {
        return $this->changed(batch: $this->batch->times($perUnit));
    }

    /** Whether it is trimmed afterwards, so that it may be cut larger: what is cut round an outline is as large as that. */
    public function mayBeLarger(): bool
    {
        if ($this->shape === PieceShape::SetSquare) {
            return true;
        }

        return $this->lay->outline === null && $this->isCloth() && ($this->width->mayGrow() || ($this->length?->mayGrow() ?? false));
    }

    /** The same piece cut larger by so much, to be trimmed later. */
    public function larger(Length $by): self
    {
        if (! $this->mayBeLarger()) {
            return $this;
        }
        $width = $this->width->mayGrow() ? $this->width->plus($by) : $this->width;
        $length = $this->length !== null && $this->length->mayGrow() ? $this->length->plus($by) : $this->length;
        $lines = $this->length === null || $length === null ? $this->lines : $this->lines->grown(
            new Size($this->length->exact, $this->width->exact),
            $length->exact->minus($this->length->exact), $width->exact->minus($this->width->exact),
        );

        return new self($this->id, $this->shape, $this->slots, $width, $length, $this->batch, $lines, $this->lay, $this->label, $this->template);
    }

    /** The same piece of the mirror image of its unit. */
    public function turnedOver(): self
    {
        return $this->lay->chiral ? $this->changed(lay: $this->lay->turnedOver()) : $this;
    }

    /** The same piece under another id. */
    public function known(string $id): self
    {
        return $id === $this->id ? $this : new self(
            $id, $this->shape, $this->slots, $this->width, $this->length, $this->batch, $this->lines, $this->lay, $this->label,
            $this->template,
        );
    }

    private function changed(?Measurement $width = null, ?Measurement $length = null, ?Batch $batch = null, ?Lay $lay = null): self
    {
        return new self(
            $this->id, $this->shape, $this->slots, $width ?? $this->width, $length ?? $this->length, $batch ?? $this->batch, $this->lines,
            $lay ?? $this->lay, $this->label, $this->template,
        );
    }

    /**
     * @param  bool  $bare  without the lines and outlines that only a drawing needs
     * @return array<string, mixed> plain data; see {@see fromData()}
     */
    public function toData(bool $bare = false): array
    {
        $lay = $this->lay;

        return [
            'id' => $this->id,
            'shape' => $this->shape->value,
            'slots' => $this->slots,
            'width' => $this->width->encode(),
            ...($this->length === null ? [] : ['length' => $this->length->encode()]),
            ...($this->batch->yield === 1 ? [] : ['yield' => $this->batch->yield]),
            ...($this->batch->perUnit === 1 ? [] : ['per_unit' => $this->batch->perUnit]),
            ...($this->batch->each === 1 ? [] : ['each' => $this->batch->each]),
            ...($this->batch->segment === null ? [] : ['segment' => $this->batch->segment]),
            ...($bare || $this->lines->sew === [] ? [] : ['sew' => Outline::texts($this->lines->sew)]),
            ...($bare || $this->lines->cut === [] ? [] : ['cut' => Outline::texts($this->lines->cut)]),
            ...($bare || $lay->outline === null ? [] : ['outline' => $lay->outline->encode()]),
            ...($lay->chiral ? ['chiral' => true] : []),
            ...($lay->mirrored ? ['mirrored' => true] : []),
            ...($lay->advance === null ? [] : ['advance' => $lay->advance->encode()]),
            ...($lay->group === 1 ? [] : ['group' => $lay->group]),
            ...($lay->lost === null ? [] : ['lost' => $lay->lost->encode()]),
            'grain' => $this->grain()->value,
            ...($this->label === null ? [] : ['label' => $this->label]),
            ...($bare || $this->template === null ? [] : ['template' => [
                'notches' => Outline::texts($this->template->notches),
                ...($this->template->later === null ? [] : ['later' => $this->template->later->encode()]),
                ...($this->template->sewing === null ? [] : ['sewing' => $this->template->sewing->encode()]),
            ]]),
        ];
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        $lines = fn (Node $from, string $which): array => $from->has($which) ? array_map(Outline::decode(...), $from->get($which)->texts()) : [];
        $outline = fn (Node $from, string $which): ?Outline => $from->has($which) ? Outline::decode($from->get($which)->text()) : null;
        $positive = fn (string $which): int => $data->has($which) ? max(1, $data->get($which)->count(1)) : 1;
        $measure = fn (string $which): ?Measurement => $data->has($which) ? Measurement::decode($data->get($which)->text()) : null;
        $slots = $data->get('slots')->texts();
        $template = $data->has('template') ? $data->get('template') : null;

        return new self(
            $data->get('id')->text(),
            $data->get('shape')->enum(PieceShape::class),
            $slots === [] ? throw $data->fail('unit.piece_without_fabric') : $slots,
            Measurement::decode($data->get('width')->text()),
            $measure('length'),
            new Batch(
                $positive('yield'),
                $positive('per_unit'),
                $positive('each'),
                $data->has('segment') ? $data->get('segment')->text() : null,
            ),
            new Lines($lines($data, 'sew'), $lines($data, 'cut')),
            new Lay(
                $outline($data, 'outline'),
                $measure('advance'),
                $positive('group'),
                $measure('lost'),
                $data->has('chiral'),
                $data->has('mirrored'),
                $data->get('grain')->enum(Grain::class),
            ),
            $data->has('label') ? $data->get('label')->text() : null,
            $template === null ? null : new Template(
                $lines($template, 'notches'), $outline($template, 'later'), $outline($template, 'sewing'),
            ),
        );
    }

    /**
     * @return non-empty-list<self> the pieces of a way of making something
     *
     * @throws DocumentException
     */
    public static function list(Node $making): array
    {
        $pieces = array_map(fn (Node $piece): self => $piece->once('piece', fn (): self => self::fromData($piece)), $making->get('pieces')->items());

        return $pieces === [] ? throw $making->fail('unit.making_without_piece') : $pieces;
    }
}
