<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

/** One cut or trimmed length that a resulting length depends on: the result moves by the factor times what the ruler's mark is off. */
final readonly class Dependence
{
    /** @param  Length  $factor  a plain number, such as 1, -1/2 or √2/2 */
    public function __construct(
        public Length $factor,
        public Measurement $on,
    ) {
    }

    /** How far the result moves, in inches, when the other length is cut or trimmed by the marks of this notation. */
    public function shift(Notation $notation): Length
    {
        return $this->on->in($notation)->minus($this->on->exact)->timesNumber($this->factor);
    }
}
