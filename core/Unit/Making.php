<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;

/** How a unit is made by one method: its pieces, each with its own yield, and the steps. */
final readonly class Making
{
    /**
     * @param  non-empty-list<Piece>  $pieces
     * @param  list<Step>  $steps
     * @param  int  $biasEdges  sides of the finished unit that lie on the bias
     * @param  float  $clothPerUnit  square inches of cloth cut for one unit, at the exact cut sizes
     */
    public function __construct(
        public Method $method,
        public array $pieces,
        public array $steps,
        public int $biasEdges,
        public float $clothPerUnit,
    ) {
    }

    /**
     * Works out the cloth from the pieces: each at its exact size, a strip over the whole usable width, by the share of it one unit takes.
     *
     * @param  non-empty-list<Piece>  $pieces
     * @param  list<Step>  $steps
     */
    public static function of(Method $method, array $pieces, array $steps, CuttingRoom $room, int $biasEdges = 0): self
    {
        $cloth = 0.0;
        foreach ($pieces as $piece) {
            if ($piece->isCloth()) {
                // Shapes that interlock take their advance of the strip, not their whole length.
                $length = ($piece->advance ?? $piece->length)->exact ?? $room->usableWidth;
                $cloth += $piece->width->exact->toFloat() * $length->toFloat() / $piece->group * $piece->each * $piece->perUnit / $piece->yield;
            }
        }

        return new self($method, $pieces, $steps, $biasEdges, $cloth);
    }

    /** What is sewn at one go for this many units: strip sets, all kinds of them together; or pairs, squares, bases. */
    public function batches(int $units): int
    {
        $sets = [];
        foreach ($this->pieces as $piece) {
            if ($piece->segment !== null) {
                $sets[$piece->segment] = $piece->batches($units);
            }
        }

        return $sets === [] ? $this->pieces[0]->batches($units) : array_sum($sets);
    }

    /** Units that come out of what is cut beyond the ones wanted: as many as the scarcest piece allows. */
    public function spares(int $units): int
    {
        $most = null;
        foreach ($this->pieces as $piece) {
            if ($piece->isCloth()) {
                $gives = intdiv($piece->batches($units) * $piece->yield, $piece->perUnit);
                $most = $most === null ? $gives : min($most, $gives);
            }
        }

        return $most === null ? 0 : $most - max(0, $units);
    }

    /** Units that one batch gives, when that is a whole number of them; else 1. */
    public function unitsAtATime(): int
    {
        $first = $this->pieces[0];

        return $first->segment === null && $first->yield % $first->perUnit === 0 ? intdiv($first->yield, $first->perUnit) : 1;
    }

    /** Of the mirror image of the unit: the same sizes, left and right pieces exchanged. */
    public function turnedOver(): self
    {
        return new self($this->method, array_map(fn (Piece $piece): Piece => $piece->turnedOver(), $this->pieces), $this->steps, $this->biasEdges, $this->clothPerUnit);
    }

    /** Pieces that are trimmed afterwards cut larger by so much; the steps stay, since they end with the trimming. */
    public function oversize(Length $by, CuttingRoom $room): self
    {
        $pieces = array_map(fn (Piece $piece): Piece => $piece->larger($by), $this->pieces);

        return self::of($this->method, $pieces, $this->steps, $room, $this->biasEdges);
    }

    /**
     * Whether pieces are sewn along slanted edges with their tips on. Squares sewn before they are cut, flipped corners and blunted tips meet level, strip sets
     * are cut at a slant after they are sewn, and set-in seams are matched at their marks.
     */
    public function meetsAtSlants(): bool
    {
        return in_array($this->method, [
            Method::HstTriangles, Method::HourglassTriangles, Method::HalfAndQuartersTriangles, Method::GeeseTriangles, Method::SquareInSquareTriangles, Method::EconomyTriangles,
            Method::PinwheelTriangles, Method::HalfRectangleTriangles, Method::KiteTemplate, Method::PeakTemplate, Method::TriangleRowPointed, Method::CustomPieces,
        ], true);
    }

    /** How wide a piece of cloth must at least be for all of this; null when nothing is cut from cloth. */
    public function minimumStock(): ?Measurement
    {
        $widest = null;
        foreach ($this->pieces as $piece) {
            if ($piece->isCloth() && ($widest === null || $piece->minimumStock()->exact->isGreaterThan($widest->exact))) {
                $widest = $piece->minimumStock();
            }
        }

        return $widest;
    }

    /** What cutting larger would change: nothing where every piece must be cut as it is. */
    public function canBeOversize(): bool
    {
        foreach ($this->pieces as $piece) {
            if ($piece->mayBeLarger()) {
                return true;
            }
        }

        return false;
    }

    /**
     * The same method on cloth of another width, at the segment width the reader's ruler gives: ⌊(usable − squaring)/segment⌋ from a set.
     * Methods without strip sets, and cloth too narrow for one segment, leave it as it is.
     */
    public function onCloth(Length $usableWidth, Notation $notation): self
    {
        $across = [];
        foreach ($this->pieces as $piece) {
            if ($piece->isFromSet()) {
                $across[$piece->id] = $piece->perSet($usableWidth, CuttingRoom::usual()->squaring, $notation);
            }
        }
        if ($across === [] || min($across) < 1) {
            return $this;
        }

        return new self(
            $this->method,
            array_map(fn (Piece $piece): Piece => $piece->segment === null ? $piece : $piece->withYield($across[$piece->segment]), $this->pieces),
            array_map(fn (Step $step): Step => $this->stepOnCloth($step, $across), $this->steps),
            $this->biasEdges,
            $this->clothPerUnit,
        );
    }

    /** @param  non-empty-array<string, int>  $across  what one set gives, by the id of the segment */
    private function stepOnCloth(Step $step, array $across): Step
    {
        $count = min($across);
        foreach ($this->pieces as $piece) {
            if (isset($across[$piece->id], $step->measures['segment']) && $piece->width->encode() === $step->measures['segment']->encode()) {
                $count = $across[$piece->id];
            }
        }

        return $step->withCount('segments', $count);
    }
}
