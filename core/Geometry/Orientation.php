<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use InvalidArgumentException;

/** One of the eight ways to lay a unit into its cell: mirrored left to right or not, then turned clockwise by quarter turns. */
final readonly class Orientation
{
    private function __construct(
        public int $quarterTurns,
        public bool $mirrored,
    ) {
    }

    public static function upright(): self
    {
        return new self(0, false);
    }

    /** @throws InvalidArgumentException unless the degrees are whole quarter turns */
    public static function of(int $degreesClockwise, bool $mirrored = false): self
    {
        if ($degreesClockwise % 90 !== 0) {
            throw new Refused('geometry.quarter_turns');
        }

        return new self((intdiv($degreesClockwise, 90) % 4 + 4) % 4, $mirrored);
    }

    /** A short name, the same for the same orientation. */
    public function key(): string
    {
        return $this->quarterTurns.($this->mirrored ? 'm' : '');
    }

    public function degrees(): int
    {
        return $this->quarterTurns * 90;
    }

    /** The size a unit takes up once it is laid this way. */
    public function sizeOf(Size $size): Size
    {
        return $this->quarterTurns % 2 === 0 ? $size : $size->turned();
    }

    /** Where a point of the upright unit of this size comes to lie. */
    public function apply(Point $point, Size $within): Point
    {
        $x = $this->mirrored ? $within->width->minus($point->x) : $point->x;

        return match ($this->quarterTurns) {
            0 => new Point($x, $point->y),
            1 => new Point($within->height->minus($point->y), $x),
            2 => new Point($within->width->minus($x), $within->height->minus($point->y)),
            default => new Point($point->y, $within->width->minus($x)),
        };
    }
}
