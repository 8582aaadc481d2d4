<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\Writer;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Measurement;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;

/** What choosing a method would mean for one task, for people to compare. Its numbers are worked out when they are asked for. */
final readonly class MethodOffer
{
    public Method $method;

    /** Sides of the unit on the bias. */
    public int $biasEdges;

    /**
     * @param  Making  $making  of one unit; its pieces are enough
     * @param  int  $count  units wanted
     * @param  float  $cutArea  square inches of the pieces of one unit; infinite for what is put together from parts
     */
    public function __construct(
        public Making $making,
        private int $count,
        private float $cutArea,
        private CuttingRoom $room,
    ) {
        $this->method = $making->method;
        $this->biasEdges = $making->biasEdges;
    }

    /** Pairs of squares or strip sets to sew. */
    public function batches(): int
    {
        return $this->making->batches($this->count);
    }

    /** Units beyond the ones wanted. */
    public function spares(): int
    {
        return $this->making->spares($this->count);
    }

    /** Square inches of cloth cut for the whole task, at the exact sizes, to a tenth. */
    public function cloth(): float
    {
        return round($this->making->cloth($this->count, $this->room->usableWidth), 1);
    }

    /** Of those, what does not end in the units wanted or their seams; zero for what is put together from parts. */
    public function waste(): float
    {
        $cloth = $this->making->cloth($this->count, $this->room->usableWidth);

        return is_finite($this->cutArea) ? round(max(0.0, $cloth - $this->count * $this->cutArea), 1) : 0.0;
    }

    /** How wide the cloth must at least be; null when none is cut. */
    public function stock(): ?Measurement
    {
        return $this->making->minimumStock();
    }

    /**
     * The numbers to compare by, and the pieces they are worked out from, so that they can be worked out for other cloth.
     *
     * @param  bool  $withPieces  false for the chosen way, whose pieces the task has already
     * @return array<string, mixed>
     */
    public function toData(Writer $writer, bool $withPieces): array
    {
        return [
            'method' => $this->method->value,
            'batches' => $this->batches(),
            'spares' => $this->spares(),
            'bias_edges' => $this->biasEdges,
            'cloth' => $this->cloth(),
            'waste' => $this->waste(),
            ...($withPieces ? ['pieces' => $this->making->barePieces($writer)] : []),
        ];
    }
}
