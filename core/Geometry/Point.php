<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;

/** A point in inches; x grows to the right, y grows downwards. */
final readonly class Point
{
    public function __construct(
        public Length $x,
        public Length $y,
    ) {
    }

    public function movedBy(Length $x, Length $y): self
    {
        return new self($this->x->plus($x), $this->y->plus($y));
    }

    public function encode(): string
    {
        return $this->x->encode().','.$this->y->encode();
    }

    /** @throws MeasureException */
    public static function decode(string $code): self
    {
        [$x, $y] = explode(',', $code, 2) + [1 => ''];

        return new self(Length::decode($x), Length::decode($y));
    }
}
