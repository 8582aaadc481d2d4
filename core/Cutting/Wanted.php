<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Refused;
use InvalidArgumentException;

/**
 * A number of equal pieces to be cut from one fabric, in marks of the ruler ({@see Marks}).
 *
 * A piece lies in a strip as high as itself. Shapes that interlock, as triangles do, take less of the strip for every further one.
 */
final readonly class Wanted
{
    public int $pitch;

    /**
     * @param  string  $id  unlike every other's of the same plan
     * @param  int  $height  of the strip it is cut from
     * @param  int  $length  along the strip, of the first one (of a group: of a single one that is left over)
     * @param  int|null  $pitch  what each further piece, or each whole group, takes of the strip; null when it is the length
     * @param  int  $group  pieces that one pitch holds
     * @param  bool  $turns  whether it may lie either way in the cloth, so that a strip may be as high as it is long
     *
     * @throws InvalidArgumentException when a number is no size or no count
     */
    public function __construct(
        public string $id,
        public int $height,
        public int $length,
        public int $count,
        ?int $pitch = null,
        public int $group = 1,
        public bool $turns = true,
    ) {
        $this->pitch = $pitch ?? $length;
        if ($height < 1 || $length < 1 || $count < 0 || $this->pitch < 1 || $this->pitch > $length * $group || $group < 1) {
            throw new Refused('cutting.piece_without_size', ['id' => $id]);
        }
    }

    /** How much of a strip so many take, side by side. */
    public function run(int $count): int
    {
        if ($this->group > 1) {
            return intdiv($count, $this->group) * $this->pitch + ($count % $this->group > 0 ? $this->length : 0);
        }

        return $count === 0 ? 0 : $this->length + ($count - 1) * $this->pitch;
    }

    /** How many fit side by side in so much of a strip. */
    public function fit(int $width): int
    {
        if ($this->group > 1) {
            $groups = intdiv($width, $this->pitch);

            return $groups * $this->group + ($width - $groups * $this->pitch >= $this->length ? 1 : 0);
        }

        return $width < $this->length ? 0 : 1 + intdiv($width - $this->length, $this->pitch);
    }

    /** The same piece a quarter turned, or null where that is no other lay or must not be. */
    public function turned(): ?self
    {
        return ! $this->turns || $this->group > 1 || $this->pitch !== $this->length || $this->height === $this->length
            ? null
            : new self($this->id, $this->length, $this->height, $this->count, null, 1, false);
    }

    /** The same piece in cloth whose print must stay upright: it turns neither way. */
    public function upright(): self
    {
        return new self($this->id, $this->height, $this->length, $this->count, $this->pitch, $this->group, false);
    }

    /** The same piece with its height along the strip, or null where it interlocks; it must not turn that way either. */
    public function onItsSide(): ?self
    {
        return $this->group > 1 || $this->pitch !== $this->length
            ? null
            : new self($this->id, $this->length, $this->height, $this->count, null, 1, false);
    }

    /** Square marks of cloth that all of them take, those that interlock by their pitch. */
    public function area(): int
    {
        return $this->height * ($this->group > 1 ? intdiv($this->count * $this->pitch, $this->group) : $this->count * $this->pitch);
    }

    /** The same pieces under another id. */
    public function known(string $id): self
    {
        return new self($id, $this->height, $this->length, $this->count, $this->pitch, $this->group, $this->turns);
    }

    /** Another number of the same piece. */
    public function of(int $count): self
    {
        return new self($this->id, $this->height, $this->length, $count, $this->pitch, $this->group, $this->turns);
    }
}
