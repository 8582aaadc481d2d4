<?php

declare(strict_types=1);

namespace Dew\Core\Making;

/**
 * How long the parts of the work take at the usual pace, in seconds: with these the demo quilts take about two minutes for every patch. They say
 * how a clue compares with another one; a host may announce other minutes.
 */
final readonly class Rates
{
    public function __construct(
        public float $strip = 150.0,
        public float $piece = 20.0,
        public float $seam = 25.0,
        public float $inchOfSeam = 3.75,
        public float $press = 20.0,
        public float $trim = 50.0,
        public float $mark = 20.0,
        public float $layOut = 10.0,
    ) {
    }

    public function times(float $factor): self
    {
        return new self(
            $this->strip * $factor, $this->piece * $factor, $this->seam * $factor, $this->inchOfSeam * $factor, $this->press * $factor,
            $this->trim * $factor, $this->mark * $factor, $this->layOut * $factor,
        );
    }
}
