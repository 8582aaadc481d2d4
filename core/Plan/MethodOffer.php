<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;

/** What choosing a method would mean for one task, for people to compare. */
final readonly class MethodOffer
{
    public Method $method;

    /** Pairs of squares or strip sets to sew. */
    public int $batches;

    /** Units beyond the ones wanted. */
    public int $spares;

    /** Sides of the unit on the bias. */
    public int $biasEdges;

    /** Square inches of cloth cut for the whole task, at the exact sizes. */
    public float $cloth;

    /** Of those, what does not end in the units wanted or their seams; zero for what is put together from parts. */
    public float $waste;

    /** How wide the cloth must at least be; null when none is cut. */
    public ?Measurement $stock;

    /**
     * @param  Making  $making  without drawings and steps
     * @param  int  $count  units wanted
     * @param  float  $cutArea  square inches of the pieces of one unit
     */
    public function __construct(
        public Making $making,
        int $count,
        float $cutArea,
        CuttingRoom $room,
    ) {
        $this->method = $making->method;
        $this->batches = $making->batches($count);
        $this->spares = $making->spares($count);
        $this->biasEdges = $making->biasEdges;
        $this->cloth = round($making->cloth($count, $room->usableWidth), 1);
        $this->waste = is_finite($cutArea) ? round(max(0.0, $making->cloth($count, $room->usableWidth) - $count * $cutArea), 1) : 0.0;
        $this->stock = $making->minimumStock();
    }

    /** The same method on other cloth: more or fewer segments come out of a strip set. */
    public function onCloth(CuttingRoom $room, Notation $notation, int $count, float $cutArea): self
    {
        return new self($this->making->onCloth($room, $notation), $count, $cutArea, $room);
    }
}
