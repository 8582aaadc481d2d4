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
     * @param  int  $fabric  number of its fabric among the unit's, from zero; of no meaning for a piece that is itself a unit
     * @param  Outline|null  $outline  in finished inches from the unit's top left corner; null for a piece that is itself a unit
     * @param  Size|null  $cut  the rectangle to cut; null to cut round a template of the outline moved out by the seam
     * @param  positive-int  $yield  how many of this piece one such rectangle gives
     * @param  string|null  $letter  what the pattern calls it
     * @param  list<Notch>  $notches
     */
    public function __construct(
        public string $id,
        public int $fabric,
        public ?Outline $outline,
        public ?Size $cut = null,
        public int $yield = 1,
        public ?string $letter = null,
        public array $notches = [],
        public ?SpareAllowance $spare = null,
        public ?PlacedUnit $placed = null,
    ) {
    }

    /** A piece that is itself a unit, made before. */
    public static function made(string $id, PlacedUnit $placed, ?string $letter = null): self
    {
        return new self($id, 0, null, letter: $letter, placed: $placed);
    }

    /** A given cutting size is right at the size it was given for only: scaled, the piece is cut by its outline. */
    public function scaled(int $numerator, int $denominator): self
    {
        $scale = fn (Length $length): Length => $length->times($numerator, $denominator);
        $path = [];
        foreach ($this->outline->corners ?? [] as $index => $corner) {
            $path[] = new Point($scale($corner->x), $scale($corner->y));
            $arc = $this->outline->arcs[$index] ?? null;
            if ($arc !== null) {
                $path[] = new Arc($scale($arc->radius), $arc->clockwise);
            }
        }
        $cut = $numerator === $denominator ? $this->cut : null;
        $outline = $this->outline === null ? null : new Outline(...$path);

        return new self(
            $this->id, $this->fabric, $outline, $cut, $this->yield, $this->letter, $this->notches, $this->spare, $this->placed?->scaled(
                $numerator,
                $denominator,
            ),
        );
    }

    /** The same piece made of another unit, or laid another way. */
    public function placing(PlacedUnit $placed): self
    {
        return self::made($this->id, $placed, $this->letter);
    }
}
