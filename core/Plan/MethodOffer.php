<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

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
     */
    public function __construct(
        public Method $method,
        public int $batches,
        public int $spares,
        public int $biasEdges,
        public int $cloth,
    ) {
    }

    public static function from(Making $making, int $count): self
    {
        $spares = $making->spares($count);

        return new self($making->method, $making->batches($count), $spares, $making->biasEdges, (int) round($making->clothPerUnit * ($count + $spares)));
    }
}
