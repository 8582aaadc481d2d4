<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Size;

/** A closed straight-sided shape, its corners in order. An outline of two corners is a line to sew or to cut along. */
final readonly class Outline
{
    /** @var list<Point> */
    public array $corners;

    public function __construct(Point ...$corners)
    {
        $this->corners = array_values($corners);
    }

    public static function rectangle(Length $left, Length $top, Size $size): self
    {
        $right = $left->plus($size->width);
        $bottom = $top->plus($size->height);

        return new self(new Point($left, $top), new Point($right, $top), new Point($right, $bottom), new Point($left, $bottom));
    }

    public function movedBy(Length $x, Length $y): self
    {
        return new self(...array_map(fn (Point $corner): Point => $corner->movedBy($x, $y), $this->corners));
    }

    /** Turned and mirrored within its square or rectangle, which keeps its top left corner at the origin. */
    public function oriented(Orientation $orientation, Size $within): self
    {
        return new self(...array_map(fn (Point $corner): Point => $orientation->apply($corner, $within), $this->corners));
    }

    /** Square inches, by the shoelace formula; reported, never cut by. */
    public function area(): float
    {
        $twice = 0.0;
        $last = count($this->corners) - 1;
        foreach ($this->corners as $index => $corner) {
            $next = $this->corners[$index === $last ? 0 : $index + 1];
            $twice += $corner->x->toFloat() * $next->y->toFloat() - $next->x->toFloat() * $corner->y->toFloat();
        }

        return abs($twice) / 2;
    }

    public function encode(): string
    {
        return implode(' ', array_map(fn (Point $corner): string => $corner->encode(), $this->corners));
    }

    /** @throws MeasureException */
    public static function decode(string $code): self
    {
        return new self(...array_map(Point::decode(...), explode(' ', $code)));
    }
}
