<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;

/** Lengths counted in the finest marks of a reader's ruler, 1⁄16 in or 1 mm: all that she cuts and measures lies on one of them. */
final readonly class Marks
{
    private Length $step;

    public function __construct(private Notation $notation)
    {
        $this->step = $notation->fineStep();
    }

    /** What a piece measures by this ruler. */
    public function piece(Measurement $measure): int
    {
        return $this->up($measure->in($this->notation));
    }

    /** At least this length: for what is to be cut. */
    public function up(Length $length): int
    {
        return $length->ceilTo($this->step)->countOf($this->step);
    }

    /** At most this length: for the cloth there is. Zero for what is shorter than a mark. */
    public function down(Length $length): int
    {
        return $length->isPositive() ? $length->countOf($this->step) : 0;
    }

    public function length(int $marks): Length
    {
        return $this->step->times($marks);
    }
}
