<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use InvalidArgumentException;

/**
 * The shape to cut for a finished shape: every edge moved outward by the seam allowance, corners mitred. In floating inches: it is drawn,
 * laid out and sent to a cutting machine, while rotary cuts follow exact formulas.
 */
final readonly class CutShape
{
    private const SAME = 1e-9;

    /** Edges whose directions differ by less, in radians, are parallel. */
    private const PARALLEL = 1e-4;

    /** A curve that continues a straight edge touches it, but for what lengths kept to 1⁄65536 in miss. */
    private const TOUCHING = 1e-3;

    /**
     * @param  non-empty-list<array{float, float}>  $corners
     * @param  array<int, array{float, bool}>  $arcs  radius and whether clockwise, by the number of the corner the edge begins at
     * @param  array<int, int>  $starts  numbers of the corners that the edges of the finished shape begin at, by the number of the edge
     */
    private function __construct(
        public array $corners,
        public array $arcs,
        private array $starts = [],
    ) {
    }

    /**
     * A circular edge that bulges outward grows by the seam, one that bulges inward shrinks by it; both keep their centre. A tip where a
     * hollow runs out along a straight edge ends square, a seam allowance beyond the finished tip.
     *
     * @param  array<int, float>  $more  inches beyond the seam allowance, by the number of the corner an edge begins at
     *
     * @throws InvalidArgumentException for a shape of too few corners, or a hollow too narrow for the seam
     */
    public static function of(Outline $outline, Length $seam, array $more = []): self
    {
        $allowance = $seam->toFloat();
        $outward = $outline->signedArea() > 0 ? 1 : -1;
        $edges = $moved = $kept = [];
        foreach (array_keys($outline->corners) as $index) {
            [$x, $y, $nextX, $nextY] = $outline->edge($index);
            $length = hypot($nextX - $x, $nextY - $y);
            if ($length < self::SAME) {
                // Two corners lie on each other, as where two flipped corners meet.
                continue;
            }
            $kept[] = [$index, $outline->corners[$index]];
            $distance = $allowance + ($more[$index] ?? 0.0);
            [$alongX, $alongY] = [($nextX - $x) / $length, ($nextY - $y) / $length];
            $arc = $outline->arcs[$index] ?? null;
            if ($arc === null) {
                $normal = [$outward * $alongY, -$outward * $alongX];
                $edges[] = ['line', $normal[0], $normal[1], $normal[0] * $x + $normal[1] * $y + $distance];

                continue;
            }
            $radius = $arc->radius->toFloat();
            $wide = $radius + ($arc->clockwise === ($outward > 0) ? $distance : -$distance);
            if ($wide <= self::SAME) {
                throw new Refused('geometry.hollow_too_narrow');
            }
            // Of the two centres, a clockwise arc of at most half a turn has its own on the right of its chord as one walks it (y
            // downwards).
            $height = sqrt(max(0.0, $radius ** 2 - ($length / 2) ** 2));
            $side = $arc->clockwise ? 1 : -1;
            $edges[] = ['arc', ($x + $nextX) / 2 - $side * $alongY * $height, ($y + $nextY) / 2 + $side * $alongX * $height, $wide];
            $moved[count($edges) - 1] = [$wide, $arc->clockwise];
        }
        $corners = $arcs = $starts = [];
        $count = count($edges);
        foreach ($kept as $index => [$number, $corner]) {
            $corners = [...$corners, ...self::meeting(
                $edges[($index + $count - 1) % $count],
                $edges[$index],
                [$corner->x->toFloat(), $corner->y->toFloat()],
                $allowance,
                $outward,
            )];
            $starts[$number] = count($corners) - 1;
            if (isset($moved[$index])) {
                $arcs[count($corners) - 1] = $moved[$index];
            }
        }
        if (count($corners) < ($arcs === [] ? 3 : 2)) {
            throw new Refused('geometry.too_few_corners');
        }

        return new self($corners, $arcs, $starts);
    }

    /** Sharp tips blunted where they stand out beyond the raw edge of their unit. Shapes with circular edges stay as they are. */
    public function bluntedTo(Size $finished, Length $seam): self
    {
        if ($this->arcs !== []) {
            return $this;
        }
        $out = $seam->toFloat();
        $corners = $this->corners;
        foreach ([
            [1.0, 0.0, $finished->width->toFloat() + $out],
            [-1.0, 0.0, $out],
            [0.0, 1.0, $finished->height->toFloat() + $out],
            [0.0, -1.0, $out],
        ] as [$a, $b, $limit]) {
            $kept = [];
            foreach ($corners as $index => $corner) {
                $before = $corners[($index + count($corners) - 1) % count($corners)];
                [$here, $there] = [$a * $corner[0] + $b * $corner[1] - $limit, $a * $before[0] + $b * $before[1] - $limit];
                if (($here > self::SAME) !== ($there > self::SAME)) {
                    $share = $there / ($there - $here);
                    $kept[] = [$before[0] + $share * ($corner[0] - $before[0]), $before[1] + $share * ($corner[1] - $before[1])];
                }
                if ($here <= self::SAME) {
                    $kept[] = $corner;
                }
            }
            $corners = $kept;
        }

        return $corners === [] ? $this : new self($corners, []);
    }

    /** Lying with one of its straight edges along a strip, whichever makes the strip narrowest, its box's corner at the origin. */
    public function laidOnStrip(): self
    {
        return $this->laid($this->strip());
    }

    /**
     * How to lay the shape on the narrowest strip.
     *
     * @param  list<float>  $along  angles of edges, in radians, one of which should lie along the strip, as those outside do for the grain;
     *     any straight edge where there is none
     * @return array{float, float, float} the angle to turn it by, in radians, and how far to move it then, across and down
     */
    public function strip(array $along = []): array
    {
        $best = 0.0;
        $narrowest = INF;
        foreach ($this->corners as $index => [$x, $y]) {
            [$nextX, $nextY] = $this->corners[($index + 1) % count($this->corners)];
            $edge = atan2($nextY - $y, $nextX - $x);
            $isAlong = array_filter($along, fn (float $angle): bool => abs(sin($angle - $edge)) < self::PARALLEL) !== [];
            if (isset($this->arcs[$index]) || ($along !== [] && ! $isAlong)) {
                continue;
            }
            $angle = -$edge;
            $height = $this->turned($angle)->height();
            if ($height < $narrowest - self::SAME) {
                [$best, $narrowest] = [$angle, $height];
            }
        }
        [$left, $top] = $this->turned($best)->box();

        return [$best, -$left, -$top];
    }

    /** @param  array{float, float, float}  $lay  as {@see strip()} gives it, of this shape or another one that lies with it */
    public function laid(array $lay): self
    {
        return new self(array_map(fn (array $corner): array => self::moved($corner, $lay), $this->corners), $this->arcs);
    }

    /**
     * Where a point comes to lie.
     *
     * @param  array{float, float}  $point
     * @param  array{float, float, float}  $lay
     * @return array{float, float}
     */
    public static function moved(array $point, array $lay): array
    {
        [$cos, $sin] = [cos($lay[0]), sin($lay[0])];

        return [$cos * $point[0] - $sin * $point[1] + $lay[1], $sin * $point[0] + $cos * $point[1] + $lay[2]];
    }

    /**
     * The point of the raw edge beside a point of a finished edge, and the direction from there into the shape.
     *
     * @param  int  $edge  number of the corner of the finished outline that the edge begins at
     * @param  float  $share  how far along the edge, between 0 and 1
     * @return array{float, float, float, float}
     */
    public function besideEdge(int $edge, float $share, Outline $finished): array
    {
        [$x, $y, $toX, $toY] = $finished->edge($edge);
        $chord = hypot($toX - $x, $toY - $y);
        [$alongX, $alongY] = [($toX - $x) / $chord, ($toY - $y) / $chord];
        $outward = $finished->signedArea() > 0 ? 1 : -1;
        $arc = $finished->arcs[$edge] ?? null;
        if ($arc === null) {
            [$outX, $outY] = [$outward * $alongY, -$outward * $alongX];
            [$atX, $atY] = [$x + $share * ($toX - $x), $y + $share * ($toY - $y)];
            // The raw edge lies as far out as the corner of the cut shape that belongs to this edge.
            $corner = $this->corners[$this->starts[$edge] ?? 0];
            $out = ($corner[0] - $x) * $outX + ($corner[1] - $y) * $outY;

            return [$atX + $out * $outX, $atY + $out * $outY, -$outX, -$outY];
        }
        $radius = $arc->radius->toFloat();
        $height = sqrt(max(0.0, $radius ** 2 - ($chord / 2) ** 2));
        $side = $arc->clockwise ? 1 : -1;
        [$centreX, $centreY] = [($x + $toX) / 2 - $side * $alongY * $height, ($y + $toY) / 2 + $side * $alongX * $height];
        $from = atan2($y - $centreY, $x - $centreX);
        $angle = $from + $side * $share * 2 * asin(min(1.0, $chord / 2 / $radius));
        [$rayX, $rayY] = [cos($angle), sin($angle)];
        $moved = $this->arcs[$this->starts[$edge] ?? 0][0] ?? $radius;
        $inward = $moved > $radius ? -1 : 1;

        return [$centreX + $moved * $rayX, $centreY + $moved * $rayY, $inward * $rayX, $inward * $rayY];
    }

    public function width(): float
    {
        [$left, , $right] = $this->box();

        return $right - $left;
    }

    public function height(): float
    {
        [, $top, , $bottom] = $this->box();

        return $bottom - $top;
    }

    public function area(): float
    {
        $area = 0.0;
        foreach ($this->corners as $index => [$x, $y]) {
            [$nextX, $nextY] = $this->corners[($index + 1) % count($this->corners)];
            $area += ($x * $nextY - $nextX * $y) / 2;
            if (isset($this->arcs[$index])) {
                [$radius, $clockwise] = $this->arcs[$index];
                $sweep = 2 * asin(min(1.0, hypot($nextX - $x, $nextY - $y) / 2 / $radius));
                $area += ($clockwise ? 1 : -1) * $radius ** 2 * ($sweep - sin($sweep)) / 2;
            }
        }

        return abs($area);
    }

    public function atOrigin(): self
    {
        [$left, $top] = $this->box();

        return new self(array_map(fn (array $corner): array => [$corner[0] - $left, $corner[1] - $top], $this->corners), $this->arcs);
    }

    /** The same shape, to the nearest 1⁄65536 in, as an outline that can be stored and drawn. */
    public function toOutline(): Outline
    {
        $path = [];
        foreach ($this->corners as $index => [$x, $y]) {
            $path[] = new Point(Length::approximately($x), Length::approximately($y));
            if (isset($this->arcs[$index])) {
                $path[] = new Arc(Length::approximately($this->arcs[$index][0]), $this->arcs[$index][1]);
            }
        }

        return new Outline(...$path);
    }

    /**
     * Where two moved edges meet, nearest to the finished corner: one point, or the two ends of a tip that is cut square.
     *
     * @param  array{string, float, float, float}  $first
     * @param  array{string, float, float, float}  $second
     * @param  array{float, float}  $near
     * @param  int  $outward  1 when the edges run clockwise, as seen with y growing downwards; else −1
     * @return non-empty-list<array{float, float}>
     *
     * @throws InvalidArgumentException where the shape leaves no room for its seams
     */
    private static function meeting(array $first, array $second, array $near, float $allowance, int $outward): array
    {
        [$kind, $a, $b, $c] = $first;
        [$otherKind, $d, $e, $f] = $second;
        if ($kind === 'line' && $otherKind === 'line') {
            $determinant = $a * $e - $d * $b;
            if (abs($determinant) < self::SAME) {
                // Two edges in one line: the corner moves straight out.
                $off = $c - $a * $near[0] - $b * $near[1];

                return [[$near[0] + $a * $off, $near[1] + $b * $off]];
            }

            return [[($c * $e - $f * $b) / $determinant, ($a * $f - $d * $c) / $determinant]];
        }
        if ($kind === 'arc' && $otherKind === 'arc') {
            throw new Refused('geometry.arcs_meet');
        }
        $lineFirst = $kind === 'line';
        [$line, $circle] = $lineFirst ? [[$a, $b, $c], [$d, $e, $f]] : [[$d, $e, $f], [$a, $b, $c]];
        $meeting = self::crossing($line, $circle, $near);
        if ($meeting !== null) {
            return [$meeting];
        }
        // The hollow runs out along the line: the tip points the way the line goes towards the corner.
        $way = $lineFirst ? $outward : -$outward;
        [$x, $y] = [-$way * $line[1], $way * $line[0]];
        $end = $x * $near[0] + $y * $near[1] + $allowance;
        $onLine = [$line[2] * $line[0] + $end * $x, $line[2] * $line[1] + $end * $y];
        $onCircle = self::crossing([$x, $y, $end], $circle, $near)
            ?? throw new Refused('geometry.hollow_too_narrow');

        return $lineFirst ? [$onLine, $onCircle] : [$onCircle, $onLine];
    }

    /**
     * Where the line a·x + b·y = c and the circle about (d, e) of radius f cross, nearest to a point; null where they do not.
     *
     * @param  array{float, float, float}  $line
     * @param  array{float, float, float}  $circle
     * @param  array{float, float}  $near
     * @return array{float, float}|null
     */
    private static function crossing(array $line, array $circle, array $near): ?array
    {
        [$a, $b, $c] = $line;
        [$d, $e, $f] = $circle;
        $off = $c - $a * $d - $b * $e;
        if (abs($off) > $f + self::TOUCHING) {
            return null;
        }
        $half = sqrt(max(0.0, $f ** 2 - $off ** 2));
        $foot = [$d + $a * $off, $e + $b * $off];
        $one = [$foot[0] - $b * $half, $foot[1] + $a * $half];
        $two = [$foot[0] + $b * $half, $foot[1] - $a * $half];

        return hypot($one[0] - $near[0], $one[1] - $near[1]) <= hypot($two[0] - $near[0], $two[1] - $near[1]) ? $one : $two;
    }

    private function turned(float $angle): self
    {
        [$cos, $sin] = [cos($angle), sin($angle)];

        return new self(
            array_map(
                fn (array $corner): array => [$cos * $corner[0] - $sin * $corner[1], $sin * $corner[0] + $cos * $corner[1]],
                $this->corners,
            ),
            $this->arcs,
        );
    }

    /** @return array{float, float, float, float} left, top, right, bottom; of an arc, the points of its circle that it passes */
    private function box(): array
    {
        $across = array_column($this->corners, 0);
        $down = array_column($this->corners, 1);
        foreach ($this->arcs as $index => [$radius, $clockwise]) {
            [$x, $y] = $this->corners[$index];
            [$nextX, $nextY] = $this->corners[($index + 1) % count($this->corners)];
            $length = hypot($nextX - $x, $nextY - $y);
            [$alongX, $alongY] = [($nextX - $x) / $length, ($nextY - $y) / $length];
            $height = sqrt(max(0.0, $radius ** 2 - ($length / 2) ** 2));
            $side = $clockwise ? 1 : -1;
            [$centreX, $centreY] = [($x + $nextX) / 2 - $side * $alongY * $height, ($y + $nextY) / 2 + $side * $alongX * $height];
            foreach ([[1, 0], [-1, 0], [0, 1], [0, -1]] as [$wayX, $wayY]) {
                [$farX, $farY] = [$centreX + $wayX * $radius, $centreY + $wayY * $radius];
                // On the arc when it lies on the other side of the chord than the centre (an arc of at most half a turn).
                if ((($farX - $x) * $alongY - ($farY - $y) * $alongX) * $side >= -self::SAME) {
                    $across[] = $farX;
                    $down[] = $farY;
                }
            }
        }

        return [min($across), min($down), max($across), max($down)];
    }
}
