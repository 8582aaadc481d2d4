<?php

declare(strict_types=1);

namespace Dew\Core\Making;

use Dew\Core\Measure\Measurement;

/** At a slanted seam, how far the tips stand out beyond the other piece once both lie right: it looks wrong and is not. */
final readonly class Overhang
{
    /**
     * @param  string  $first  slot of one piece
     * @param  string  $second  slot of the other
     * @param  Measurement  $start  at the left (or upper) end as the unit is drawn; below zero when the second piece stands out
     * @param  Measurement  $end  at the right (or lower) end
     */
    public function __construct(
        public string $first,
        public string $second,
        public Measurement $start,
        public Measurement $end,
    ) {
    }

    public function encode(): string
    {
        return implode('|', [$this->first, $this->second, $this->start->encode(), $this->end->encode()]);
    }

    public static function decode(string $code): self
    {
        [$first, $second, $start, $end] = explode('|', $code, 4) + ['', '', '', ''];

        return new self($first, $second, Measurement::decode($start), Measurement::decode($end));
    }
}
