<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Size;

/** A closed shape, its corners in order, its edges straight or circular. An outline of two corners is a line to sew or to cut along. */
final readonly class Outline
{
    /** @var list<Point> */
    public array $corners;

    /** @var array<int, Arc> by the number of the corner the edge begins at */
    public array $arcs;

    /** @param  Point|Arc  ...$path  an arc stands between the two corners it joins; after the last corner it leads back to the first */
    public function __construct(Point|Arc ...$path)
    {
        $corners = $arcs = [];
        foreach ($path as $part) {
            if ($part instanceof Point) {
                $corners[] = $part;
            } else {
                $arcs[count($corners) - 1] = $part;
            }
        }
        $this->corners = $corners;
        $this->arcs = $arcs;
    }

    public static function rectangle(Length $left, Length $top, Size $size): self
    {
        $right = $left->plus($size->width);
        $bottom = $top->plus($size->height);

        return new self(new Point($left, $top), new Point($right, $top), new Point($right, $bottom), new Point($left, $bottom));
    }

    public function movedBy(Length $x, Length $y): self
    {
        if ($this->arcs !== []) {
            return new self(...$this->path(fn (Point $corner): Point => $corner->movedBy($x, $y)));
        }
        $corners = [];
        foreach ($this->corners as $corner) {
            $corners[] = new Point($corner->x->plus($x), $corner->y->plus($y));
        }

        return new self(...$corners);
    }

    /** Turned and mirrored within its square or rectangle, which keeps its top left corner at the origin. */
    public function oriented(Orientation $orientation, Size $within): self
    {
        return new self(...$this->path(
            fn (Point $corner): Point => $orientation->apply($corner, $within),
            fn (Arc $arc): Arc => $orientation->mirrored ? $arc->reversed() : $arc,
        ));
    }

    /** Square inches: the shoelace formula, and the segments its arcs add or take away; reported, never cut by. */
    public function area(): float
    {
        return abs($this->signedArea());
    }

    /** Inches around; reported, never cut by. */
    public function perimeter(): float
    {
        $around = 0.0;
        foreach (array_keys($this->corners) as $index) {
            $around += $this->edgeLength($index);
        }

        return $around;
    }

    /** Its box, when it is an upright rectangle; null for every other shape. */
    public function asRectangle(): ?Size
    {
        if (count($this->corners) !== 4 || $this->arcs !== []) {
            return null;
        }
        [$a, $b, $c, $d] = $this->corners;
        $level = $a->y->equals($b->y) && $b->x->equals($c->x) && $c->y->equals($d->y) && $d->x->equals($a->x);
        $upright = $a->x->equals($b->x) && $b->y->equals($c->y) && $c->x->equals($d->x) && $d->y->equals($a->y);

        return $level || $upright ? new Size($a->x->minus($c->x)->absolute(), $a->y->minus($c->y)->absolute()) : null;
    }

    /**
     * The upright box around its corners.
     *
     * @return array{Length, Length, Length, Length} left, top, right and bottom
     */
    public function box(): array
    {
        [$left, $top] = [$right, $bottom] = [$this->corners[0]->x, $this->corners[0]->y];
        foreach ($this->corners as $corner) {
            $left = $corner->x->isLessThan($left) ? $corner->x : $left;
            $right = $corner->x->isGreaterThan($right) ? $corner->x : $right;
            $top = $corner->y->isLessThan($top) ? $corner->y : $top;
            $bottom = $corner->y->isGreaterThan($bottom) ? $corner->y : $bottom;
        }

        return [$left, $top, $right, $bottom];
    }

    /** Length of the edge that begins at a corner. */
    public function edgeLength(int $index): float
    {
        [$x, $y, $nextX, $nextY] = $this->edge($index);
        $chord = hypot($nextX - $x, $nextY - $y);

        return isset($this->arcs[$index]) ? $this->arcs[$index]->radius->toFloat() * $this->sweep($index, $chord) : $chord;
    }

    /** Above zero when the corners run clockwise as seen. */
    public function signedArea(): float
    {
        $area = 0.0;
        foreach (array_keys($this->corners) as $index) {
            [$x, $y, $nextX, $nextY] = $this->edge($index);
            $area += ($x * $nextY - $nextX * $y) / 2;
            if (isset($this->arcs[$index])) {
                $sweep = $this->sweep($index, hypot($nextX - $x, $nextY - $y));
                $area += ($this->arcs[$index]->clockwise ? 1 : -1) * $this->arcs[$index]
                    ->radius->toFloat() ** 2 * ($sweep - sin($sweep)) / 2;
            }
        }

        return $area;
    }

    /** @return array{float, float, float, float} where the edge that begins at a corner begins and ends */
    public function edge(int $index): array
    {
        $next = $this->corners[($index + 1) % count($this->corners)];

        return [$this->corners[$index]->x->toFloat(), $this->corners[$index]->y->toFloat(), $next->x->toFloat(), $next->y->toFloat()];
    }

    /** @return array{float, float} the centre of the circle that a circular edge is a part of */
    public function centre(int $index): array
    {
        [$x, $y, $toX, $toY] = $this->edge($index);
        $chord = hypot($toX - $x, $toY - $y);
        $height = sqrt(max(0.0, $this->arcs[$index]->radius->toFloat() ** 2 - ($chord / 2) ** 2));
        $side = ($this->arcs[$index]->clockwise ? 1 : -1) / $chord * $height;

        return [($x + $toX) / 2 - $side * ($toY - $y), ($y + $toY) / 2 + $side * ($toX - $x)];
    }

    public function encode(): string
    {
        $parts = [];
        foreach ($this->corners as $index => $corner) {
            $arc = $this->arcs[$index] ?? null;
            $parts[] = $corner->encode().($arc === null ? '' : ($arc->clockwise ? '@+' : '@-').$arc->radius->encode());
        }

        return implode(' ', $parts);
    }

    /** @throws MeasureException */
    public static function decode(string $code): self
    {
        $path = [];
        foreach (explode(' ', $code) as $part) {
            [$corner, $arc] = explode('@', $part, 2) + [1 => ''];
            $path[] = Point::decode($corner);
            if ($arc !== '') {
                $path[] = new Arc(Length::decode(substr($arc, 1)), $arc[0] === '+');
            }
        }

        return new self(...$path);
    }

    private function sweep(int $index, float $chord): float
    {
        return 2 * asin(min(1.0, $chord / 2 / $this->arcs[$index]->radius->toFloat()));
    }

    /**
     * @param  callable(Point): Point  $move
     * @param  (callable(Arc): Arc)|null  $bend
     * @return list<Point|Arc>
     */
    private function path(callable $move, ?callable $bend = null): array
    {
        $path = [];
        foreach ($this->corners as $index => $corner) {
            $path[] = $move($corner);
            if (isset($this->arcs[$index])) {
                $path[] = $bend === null ? $this->arcs[$index] : $bend($this->arcs[$index]);
            }
        }

        return $path;
    }

    /**
     * @param  list<self>  $outlines
     * @return list<string> as {@see decode()} reads them
     */
    public static function texts(array $outlines): array
    {
        return array_map(fn (self $outline): string => $outline->encode(), $outlines);
    }
}
