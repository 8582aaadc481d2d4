<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Unit\Hand;
use Dew\Core\Unit\UnitKind;

/**
 * What some kinds of unit need to know beyond their finished size and fabrics. Lengths are finished and grow with the unit, but for the
 * seam.
 */
final readonly class UnitOptions
{
    /** The names of all options in a design document; {@see UnitKind::$options} says which of them a kind takes. */
    public const NAMES = [
        'corners', 'base', 'hand', 'edge', 'radius', 'widths', 'turns', 'centre', 'courses', 'twin', 'count', 'pieces', 'seams', 'sections',
    ];

    /**
     * @param  array<string, Length>  $corners  finished legs by place, for sewn-and-flipped corners, in the order of their fabrics
     * @param  string|null  $base  product key of the unit or block that corners are flipped onto; null for a plain base
     * @param  list<Length>  $widths  finished widths of strips
     * @param  Length|null  $edge  width of the narrow edge of an uneven nine-patch; short edge of the side triangles of a kite
     * @param  list<int>  $turns  quarter turns of the four quarters of a turned nine-patch, row by row
     * @param  list<CustomPiece>  $pieces
     * @param  list<CustomSeam>  $seams
     * @param  list<CustomSection>  $sections
     * @param  bool  $twin  the other half of squares cut from a strip set for another unit
     * @param  Length|null  $seam  where what is seen depends on it; ¼ in when it is not said
     */
    public function __construct(
        public array $corners = [],
        public array $widths = [],
        public ?Length $edge = null,
        public ?Length $radius = null,
        public ?Length $centre = null,
        public ?int $courses = null,
        public ?int $count = null,
        public array $turns = [],
        public Hand $hand = Hand::Right,
        public array $pieces = [],
        public ?Length $seam = null,
        public bool $twin = false,
        public ?string $base = null,
        public array $seams = [],
        public array $sections = [],
    ) {
    }

    /** @param  array<string, Length>  $corners */
    public static function corners(array $corners): self
    {
        return new self(corners: $corners);
    }

    /** Strips of unequal widths, together the whole. */
    public static function unequal(Length $whole, int $count): self
    {
        return new self(widths: array_map(
            fn (int $share): Length => $whole->times(2 * $share, $count * ($count + 1)), range(1, max(1, $count)),
        ));
    }

    /** @return array{widths: list<string>} strips of one width, together the whole, as a design document writes them */
    public static function equal(Length $whole, int $count): array
    {
        return ['widths' => array_fill(0, $count, LengthText::of($whole->dividedBy($count)))];
    }

    public function scaled(int $numerator, int $denominator): self
    {
        $scale = fn (Length $length): Length => $length->times($numerator, $denominator);

        return new self(
            array_map($scale, $this->corners),
            array_map($scale, $this->widths),
            $this->edge === null ? null : $scale($this->edge),
            $this->radius === null ? null : $scale($this->radius),
            $this->centre === null ? null : $scale($this->centre),
            $this->courses,
            $this->count,
            $this->turns,
            $this->hand,
            array_map(fn (CustomPiece $piece): CustomPiece => $piece->scaled($numerator, $denominator, $this->seam), $this->pieces),
            $this->seam,
            $this->twin,
            $this->base,
            $this->seams,
            $this->sections,
        );
    }

    /** @return list<string> product keys of the units and blocks that a unit with these options is made of */
    public function contents(): array
    {
        $keys = array_map(fn (CustomPiece $piece): ?string => $piece->placed?->product, $this->pieces);

        return array_values(array_unique(array_filter([$this->base, ...$keys], fn (?string $key): bool => $key !== null)));
    }

    public function withSeam(Length $seam): self
    {
        return new self(
            $this->corners, $this->widths, $this->edge, $this->radius, $this->centre, $this->courses, $this->count, $this->turns,
            $this->hand,
            $this->pieces, $seam, $this->twin, $this->base, $this->seams, $this->sections,
        );
    }

    /**
     * The same options made of what these keys name.
     *
     * @param  list<CustomPiece>  $pieces
     */
    public function madeOf(?string $base, array $pieces): self
    {
        return new self(
            $this->corners, $this->widths, $this->edge, $this->radius, $this->centre, $this->courses, $this->count, $this->turns,
            $this->hand,
            $pieces, $this->seam, $this->twin, $base, $this->seams, $this->sections,
        );
    }
}
