<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Refused;
use InvalidArgumentException;

/** One piece of cloth that can be cut, in marks of the ruler: its usable part, selvedges off and its edge squared. */
final readonly class StockPiece
{
    /**
     * @param  string  $id  unlike every other's of the same plan
     * @param  int  $width  across the cloth, from selvedge to selvedge
     * @param  int  $length  along the bolt
     * @param  int  $goneWidth  of a corner that is missing, across the cloth
     * @param  int  $goneLength  of it along the bolt; both are zero where no corner is missing
     * @param  string  $fabric  which cloth it is, where somebody uses several for one slot
     * @param  bool  $directional  whether its print must stay upright in every piece
     *
     * @throws InvalidArgumentException when it has no size, or the missing corner is all of it
     */
    public function __construct(
        public string $id,
        public StockKind $kind,
        public int $width,
        public int $length,
        public int $goneWidth = 0,
        public int $goneLength = 0,
        public string $fabric = '',
        public bool $directional = false,
    ) {
        if ($width < 1 || $length < 1) {
            throw new Refused('cutting.nothing_to_cut', ['id' => $id]);
        }
        if ($goneWidth < 0 || $goneLength < 0 || ($goneWidth > 0) !== ($goneLength > 0) || $goneWidth >= $width || $goneLength >= $length) {
            throw new Refused('cutting.corner_too_large', ['id' => $id]);
        }
    }

    /** The id of the entry in a list of cloth that it comes from, be it as one of several or as what was left of one. */
    public function row(): string
    {
        return strtok(explode('/', $this->id)[0], '-') ?: '';
    }

    /** Whether it is what an earlier clue left over. */
    public function isRemnant(): bool
    {
        return str_contains($this->id, '/');
    }

    public function isAsLargeAs(self $other): bool
    {
        return [$this->width, $this->length, $this->goneWidth, $this->goneLength]
            === [$other->width, $other->length, $other->goneWidth, $other->goneLength];
    }

    /**
     * Pieces as they may lie in it.
     *
     * @param  list<Wanted>  $wanted
     * @return list<Wanted>
     */
    public function lays(array $wanted): array
    {
        return $this->directional ? array_map(fn (Wanted $piece): Wanted => $piece->upright(), $wanted) : $wanted;
    }

    public function area(): int
    {
        return $this->width * $this->length - $this->goneWidth * $this->goneLength;
    }

    /**
     * The ways of parting it into rectangles by one cut: one way for a rectangle, two where a corner is missing.
     *
     * @return non-empty-list<non-empty-list<array{int, int, int, int}>> from the corner opposite to a missing one: across, along, width, length
     */
    public function rectangles(): array
    {
        if ($this->goneWidth === 0) {
            return [[[0, 0, $this->width, $this->length]]];
        }
        [$wide, $long] = [$this->width - $this->goneWidth, $this->length - $this->goneLength];

        return [
            [[0, 0, $this->width, $long], [0, $long, $wide, $this->goneLength]],
            [[0, 0, $wide, $this->length], [$wide, 0, $this->goneWidth, $long]],
        ];
    }
}
