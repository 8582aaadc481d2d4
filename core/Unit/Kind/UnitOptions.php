<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Measure\Length;
use Dew\Core\Unit\Hand;
use Dew\Core\Unit\UnitKind;

/**
 * What some kinds of unit need to know beyond their finished size and fabrics. Lengths are finished and grow with the unit, but for the
 * seam.
 */
final readonly class UnitOptions
{
    /** What each kind may be told, by the name it has in a design document. */
    private const BY_KIND = [
        'corners' => ['corners', 'base'],
        'half-rectangle' => ['hand'],
        'kite' => ['edge'],
        'quarter-circle' => ['radius'],
        'strips' => ['widths'],
        'uneven-nine-patch' => ['edge'],
        'turned-nine-patch' => ['turns'],
        'log-cabin' => ['centre', 'courses'],
        'striped-hst' => ['widths', 'hand', 'twin'],
        'strip-parallelogram' => ['widths', 'hand'],
        'parallelogram-45' => ['hand'],
        'half-triangle-60' => ['hand'],
        'triangle-row' => ['count'],
        'custom' => ['pieces', 'seams', 'sections'],
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

    /** @return list<string> names of the options a kind takes */
    public static function of(UnitKind $kind): array
    {
        return self::BY_KIND[$kind->value] ?? [];
    }

    /** @return list<string> names of all options there are */
    public static function all(): array
    {
        return array_values(array_unique(array_merge(...array_values(self::BY_KIND))));
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
