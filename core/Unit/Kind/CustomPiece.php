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
     * @param  Outline|null  $outline  in finished inches from the unit's top left corner; null for a piece that is itself a unit, and where
     *     the pattern does not say where it lies
     * @param  Size|null  $cut  the rectangle to cut; null to cut round a template of the outline moved out by the seam
     * @param  positive-int  $yield  how many of this piece one such rectangle gives
     * @param  string|null  $letter  what the pattern calls it
     * @param  list<Notch>  $notches
     * @param  positive-int  $count  how many of a piece without an outline the unit takes; one with an outline lies in one place
     * @param  bool  $isUnknown  whether its cutting size was given for another size of the unit, and does not say what it is at this one
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
        public int $count = 1,
        public bool $isUnknown = false,
    ) {
    }

    /** A piece that is itself a unit, made before. */
    public static function made(string $id, PlacedUnit $placed, ?string $letter = null): self
    {
        return new self($id, 0, null, letter: $letter, placed: $placed);
    }

    /**
     * A given cutting size is right at the size it was given for only: scaled, the piece is cut by its outline. Without one, a rectangle
     * that gives one piece grows by what is inside its seams; of one that gives several nobody knows how it is divided.
     *
     * @param  Length|null  $seam  ¼ in when it is not said
     */
    public function scaled(int $numerator, int $denominator, ?Length $seam = null): self
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
        $cut = $numerator === $denominator || $this->outline === null ? $this->cut : null;
        $outline = $this->outline === null ? null : new Outline(...$path);
        $isUnknown = $this->isUnknown;
        if ($outline === null && $cut !== null && $numerator !== $denominator) {
            $seams = ($seam ?? Length::fraction(1, 4))->times(2);
            $grown = fn (Length $side): Length => $scale($side->minus($seams))->plus($seams);
            $cut = new Size($grown($cut->width), $grown($cut->height));
            $isUnknown = $isUnknown || $this->yield > 1;
        }

        return new self(
            $this->id, $this->fabric, $outline, $cut, $this->yield, $this->letter, $this->notches, $this->spare, $this->placed?->scaled(
                $numerator,
                $denominator,
            ), $this->count, $isUnknown,
        );
    }

    /** The same piece made of another unit, or laid another way. */
    public function placing(PlacedUnit $placed): self
    {
        return self::made($this->id, $placed, $this->letter);
    }
}
