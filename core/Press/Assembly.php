<?php

declare(strict_types=1);

namespace Dew\Core\Press;

use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;

/** Something that is sewn already: its corners, the seams in it, and the cloth along all edges of its patches. */
final readonly class Assembly
{
    /**
     * @param  list<array{float, float}>  $corners  of a shape without hollows around it
     * @param  list<array{int, float, float, float, float}>  $segments  number of the seam, from and to
     * @param  list<array{int, float, float, float, float}>  $open  those of them that end in its outline, where a later seam may cross them
     * @param  list<array{float, float, float, float, int}>  $edges  of its patches along its outline, with the depth of their cloth
     * @param  list<array{float, float, float, float}>  $straight  edges of its outline that are no curves
     * @param  float  $area  square inches between the corners of its patches: less than within its own corners where it has hollows
     * @param  list<array{float, float, float, float}>|null  $lines  the edges of its patches along its outline, joined where they go on
     *     straight; null where that was not worked out
     */
    public function __construct(
        public array $corners,
        public array $segments,
        public array $open,
        public array $edges,
        public array $straight,
        private float $area,
        private ?array $lines = null,
    ) {
    }

    /** @param  array<string, int>  $depths  by fabric slot */
    public static function ofPatch(Patch $patch, array $depths): self
    {
        $corners = $edges = $straight = [];
        foreach (array_keys($patch->outline->corners) as $index) {
            $edge = $patch->outline->edge($index);
            $corners[] = [$edge[0], $edge[1]];
            $edges[] = [...$edge, $depths[$patch->slot] ?? 1];
            if (! isset($patch->outline->arcs[$index])) {
                $straight[] = $edge;
            }
        }

        return new self($corners, [], [], $edges, $straight, self::areaOf($corners));
    }

    /** @return list<array{float, float, float, float, ...}> what other parts may be sewn to */
    public function outline(): array
    {
        return $this->lines ?? $this->edges;
    }

    /** The same with its edges joined where they go on straight: for what is laid many times. */
    public function withLines(): self
    {
        $lines = [];
        foreach ($this->edges as [$x1, $y1, $x2, $y2]) {
            $line = [$x1, $y1, $x2, $y2];
            foreach ($lines as $number => $known) {
                $both = self::asOne($known, $line);
                if ($both !== null) {
                    $line = $both;
                    unset($lines[$number]);
                }
            }
            $lines[] = $line;
        }

        return new self($this->corners, $this->segments, $this->open, $this->edges, $this->straight, $this->area, array_values($lines));
    }

    /**
     * Two edges of one line that touch as one; null where they do not.
     *
     * @param  array{float, float, float, float}  $one
     * @param  array{float, float, float, float}  $other
     * @return array{float, float, float, float}|null
     */
    private static function asOne(array $one, array $other): ?array
    {
        [$x1, $y1, $x2, $y2] = $one;
        $length = hypot($x2 - $x1, $y2 - $y1);
        if ($length < PressModel::GRAIN) {
            return null;
        }
        [$dx, $dy] = [($x2 - $x1) / $length, ($y2 - $y1) / $length];
        $along = [[0.0, $x1, $y1], [$length, $x2, $y2]];
        foreach ([[$other[0], $other[1]], [$other[2], $other[3]]] as [$x, $y]) {
            if (abs($dx * ($y - $y1) - $dy * ($x - $x1)) >= PressModel::GRAIN) {
                return null;
            }
            $along[] = [$dx * ($x - $x1) + $dy * ($y - $y1), $x, $y];
        }
        if (min($along[2][0], $along[3][0]) > $length + PressModel::GRAIN || max($along[2][0], $along[3][0]) < -PressModel::GRAIN) {
            return null;
        }

        return [...array_slice(min($along), 1), ...array_slice(max($along), 1)];
    }

    /**
     * Whether an edge of it is straight, and no curve.
     *
     * @param  array{float, float, float, float}  $edge
     */
    public function isStraight(array $edge): bool
    {
        foreach ($this->straight as $straight) {
            $off = fn (int $a, int $b): float => abs($edge[$a] - $straight[$b]);
            if ($off(0, 0) + $off(1, 1) + $off(2, 2) + $off(3, 3) < 4 * PressModel::GRAIN
                || $off(0, 2) + $off(1, 3) + $off(2, 0) + $off(3, 1) < 4 * PressModel::GRAIN) {
                return true;
            }
        }

        return false;
    }

    /**
     * The same where its seams have other numbers. What lies within it is left out.
     *
     * @param  array<int, int>  $numbers  the new ones by the old ones
     */
    public function renumbered(array $numbers): self
    {
        $open = $this->open;
        foreach ($open as &$segment) {
            $segment[0] = $numbers[$segment[0]];
        }

        return new self($this->corners, [], $open, $this->edges, $this->straight, $this->area, $this->lines);
    }

    /** @param  bool  $traced  whether all seams within it are asked for, and not only those that a later seam may cross */
    public function placed(Placement $placement, bool $traced): self
    {
        [$x, $y] = [$placement->x->toFloat(), $placement->y->toFloat()];
        [$cos, $sin] = $placement->turn % 90 === 0
            ? [[1.0, 0.0], [0.0, 1.0], [-1.0, 0.0], [0.0, -1.0]][(intdiv($placement->turn, 90) % 4 + 4) % 4]
            : [cos(deg2rad($placement->turn)), sin(deg2rad($placement->turn))];
        $lay = [$x, $y, $cos, $sin];

        return new self(
            array_map(fn (array $one): array => [$x + $cos * $one[0] - $sin * $one[1], $y + $sin * $one[0] + $cos * $one[1]], $this->corners),
            $traced ? self::laidSegments($this->segments, $lay) : [],
            self::laidSegments($this->open, $lay),
            array_map(fn (array $one): array => [
                $x + $cos * $one[0] - $sin * $one[1], $y + $sin * $one[0] + $cos * $one[1],
                $x + $cos * $one[2] - $sin * $one[3], $y + $sin * $one[2] + $cos * $one[3], $one[4],
            ], $this->edges),
            self::laidLines($this->straight, $lay),
            $this->area,
            $this->lines === null ? null : self::laidLines($this->lines, $lay),
        );
    }

    /**
     * @param  list<array{int, float, float, float, float}>  $segments
     * @param  array{float, float, float, float}  $lay  how far across and down, and the cosine and sine of the turn
     * @return list<array{int, float, float, float, float}>
     */
    private static function laidSegments(array $segments, array $lay): array
    {
        [$x, $y, $cos, $sin] = $lay;

        return array_map(fn (array $one): array => [
            $one[0], $x + $cos * $one[1] - $sin * $one[2], $y + $sin * $one[1] + $cos * $one[2],
            $x + $cos * $one[3] - $sin * $one[4], $y + $sin * $one[3] + $cos * $one[4],
        ], $segments);
    }

    /**
     * @param  list<array{float, float, float, float}>  $lines
     * @param  array{float, float, float, float}  $lay
     * @return list<array{float, float, float, float}>
     */
    private static function laidLines(array $lines, array $lay): array
    {
        [$x, $y, $cos, $sin] = $lay;

        return array_map(fn (array $one): array => [
            $x + $cos * $one[0] - $sin * $one[1], $y + $sin * $one[0] + $cos * $one[1],
            $x + $cos * $one[2] - $sin * $one[3], $y + $sin * $one[2] + $cos * $one[3],
        ], $lines);
    }

    /**
     * Several parts as one: with all of their seams, and the corners of the shape around them.
     *
     * @param  non-empty-list<self>  $parts
     * @param  list<array{int, float, float, float, float}>  $seams  that sew them together
     */
    public static function joined(array $parts, array $seams): self
    {
        $corners = array_merge(...array_map(fn (self $part): array => $part->corners, $parts));
        $hull = self::hull($corners);
        $straight = [];
        foreach ($hull as $index => $corner) {
            $straight[] = [...$corner, ...$hull[($index + 1) % count($hull)]];
        }

        $area = array_sum(array_map(fn (self $part): float => $part->area, $parts));
        $edges = array_merge(...array_map(fn (self $part): array => $part->edges, $parts));
        $open = array_merge(...[...array_map(fn (self $part): array => $part->open, $parts), $seams]);
        $segments = [...array_merge(...array_map(fn (self $part): array => $part->segments, $parts)), ...$seams];
        if (self::areaOf($hull) - $area > PressModel::GRAIN * max(1.0, $area)) {
            // Something will be set into its hollows: all of its edges stay, but for those that are sewn now.
            return new self(
                $hull, $segments, $open, self::unsewn($edges, $seams),
                self::unsewn(array_merge(...array_map(fn (self $part): array => $part->straight, $parts)), $seams), $area,
            );
        }
        $outside = self::outside($straight);

        return new self(
            $hull, $segments,
            array_values(array_filter($open, fn (array $one): bool => $outside($one[1], $one[2]) || $outside($one[3], $one[4]))),
            array_values(array_filter($edges, fn (array $one): bool => $outside($one[0], $one[1]) && $outside($one[2], $one[3]))),
            $straight, $area,
        );
    }

    /**
     * Edges that lie on none of some seams.
     *
     * @template TEdge of array{float, float, float, float, ...}
     *
     * @param  list<TEdge>  $edges
     * @param  list<array{int, float, float, float, float}>  $seams
     * @return list<TEdge>
     */
    private static function unsewn(array $edges, array $seams): array
    {
        return array_values(array_filter($edges, function (array $edge) use ($seams): bool {
            foreach ($seams as [, $x1, $y1, $x2, $y2]) {
                if (self::isBetween($edge[0], $edge[1], $x1, $y1, $x2, $y2) && self::isBetween($edge[2], $edge[3], $x1, $y1, $x2, $y2)) {
                    return false;
                }
            }

            return true;
        }));
    }

    /** Whether a point lies on the way between two others. */
    private static function isBetween(float $x, float $y, float $x1, float $y1, float $x2, float $y2): bool
    {
        return hypot($x - $x1, $y - $y1) + hypot($x2 - $x, $y2 - $y) < hypot($x2 - $x1, $y2 - $y1) + PressModel::GRAIN;
    }

    /**
     * The area within some corners, in square inches.
     *
     * @param  list<array{float, float}>  $corners
     */
    private static function areaOf(array $corners): float
    {
        $twice = 0.0;
        foreach ($corners as $index => [$x, $y]) {
            [$nextX, $nextY] = $corners[($index + 1) % count($corners)];
            $twice += $x * $nextY - $nextX * $y;
        }

        return abs($twice) / 2;
    }

    /**
     * What tells whether a point lies on an outline; quicker for a rectangle that stands upright.
     *
     * @param  list<array{float, float, float, float}>  $outline
     * @return callable(float, float): bool
     */
    private static function outside(array $outline): callable
    {
        $across = $down = [];
        foreach ($outline as [$x1, $y1, $x2, $y2]) {
            if ($x1 === $x2) {
                $across[] = $x1;
            } elseif ($y1 === $y2) {
                $down[] = $y1;
            }
        }
        if (count($outline) !== 4 || count($across) !== 2 || count($down) !== 2) {
            return fn (float $x, float $y): bool => self::isOn($x, $y, $outline);
        }
        [$left, $right] = $across;
        [$top, $bottom] = $down;

        return fn (float $x, float $y): bool => abs($x - $left) < PressModel::GRAIN || abs($x - $right) < PressModel::GRAIN
            || abs($y - $top) < PressModel::GRAIN || abs($y - $bottom) < PressModel::GRAIN;
    }

    /**
     * Whether a point lies on the outline of a shape.
     *
     * @param  list<array{float, float, float, float}>  $outline
     */
    private static function isOn(float $x, float $y, array $outline): bool
    {
        foreach ($outline as [$x1, $y1, $x2, $y2]) {
            $length = hypot($x2 - $x1, $y2 - $y1);
            if ($length > 0.0 && abs(($x2 - $x1) * ($y - $y1) - ($y2 - $y1) * ($x - $x1)) < PressModel::GRAIN * $length) {
                return true;
            }
        }

        return false;
    }

    /**
     * The corners of the smallest shape without hollows around some points (by Andrew's monotone chain).
     *
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function hull(array $points): array
    {
        usort($points, fn (array $one, array $other): int => [$one[0], $one[1]] <=> [$other[0], $other[1]]);

        return [...self::half($points), ...self::half(array_reverse($points))];
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function half(array $points): array
    {
        $hull = [];
        foreach ($points as $point) {
            while (count($hull) > 1) {
                [$a, $b] = [$hull[count($hull) - 2], $hull[count($hull) - 1]];
                if (($b[0] - $a[0]) * ($point[1] - $a[1]) - ($b[1] - $a[1]) * ($point[0] - $a[0]) > 1e-6) {
                    break;
                }
                array_pop($hull);
            }
            $hull[] = $point;
        }
        array_pop($hull);

        return $hull;
    }
}
