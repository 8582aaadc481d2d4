<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Measure\Measurement;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;

/** What choosing a method would mean for one task, for people to compare. */
final readonly class MethodOffer
{
    /**
     * @param  int  $batches  pairs of squares or strip sets to sew
     * @param  int  $spares  units beyond the ones wanted
     * @param  int  $biasEdges  sides of the unit on the bias
     * @param  int  $cloth  square inches of cloth cut for the whole task, at the exact sizes, rounded to whole inches
     * @param  int  $waste  of those, what does not end in the units wanted or their seams
     * @param  Measurement|null  $stock  how wide the cloth must at least be; null when none is cut
     */
    public function __construct(
        public Method $method,
        public int $batches,
        public int $spares,
        public int $biasEdges,
        public int $cloth,
        public int $waste = 0,
        public ?Measurement $stock = null,
    ) {
    }

    /** @param  float  $wasteEach  square inches that one unit leaves over */
    public static function from(Making $making, int $count, float $wasteEach = 0.0): self
    {
        $spares = $making->spares($count);

        return new self($making->method, $making->batches($count), $spares, $making->biasEdges, (int) round($making->clothPerUnit * ($count + $spares)), (int) round($wasteEach * $count + $making->clothPerUnit * $spares), $making->minimumStock());
    }
}
