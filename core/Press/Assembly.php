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
     */
    public function __construct(
        public array $corners,
        public array $segments,
        public array $open,
        public array $edges,
        public array $straight,
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

        return new self($corners, [], [], $edges, $straight);
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

    /** @param  bool  $traced  whether all seams within it are asked for, and not only those that a later seam may cross */
    public function placed(Placement $placement, bool $traced): self
    {
        [$x, $y] = [$placement->x->toFloat(), $placement->y->toFloat()];
        [$cos, $sin] = $placement->turn % 90 === 0
            ? [[1.0, 0.0], [0.0, 1.0], [-1.0, 0.0], [0.0, -1.0]][(intdiv($placement->turn, 90) % 4 + 4) % 4]
            : [cos(deg2rad($placement->turn)), sin(deg2rad($placement->turn))];
        $move = fn (float $px, float $py): array => [$x + $cos * $px - $sin * $py, $y + $sin * $px + $cos * $py];

        return new self(
            array_map(fn (array $corner): array => $move(...$corner), $this->corners),
            $traced ? array_map(
                fn (array $one): array => [$one[0], ...$move($one[1], $one[2]), ...$move($one[3], $one[4])],
                $this->segments,
            ) : [],
            array_map(fn (array $one): array => [$one[0], ...$move($one[1], $one[2]), ...$move($one[3], $one[4])], $this->open),
            array_map(fn (array $one): array => [...$move($one[0], $one[1]), ...$move($one[2], $one[3]), $one[4]], $this->edges),
            array_map(fn (array $one): array => [...$move($one[0], $one[1]), ...$move($one[2], $one[3])], $this->straight),
        );
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

        $outside = fn (float $x, float $y): bool => self::isOn($x, $y, $straight);

        return new self(
            $hull,
            [...array_merge(...array_map(fn (self $part): array => $part->segments, $parts)), ...$seams],
            array_values(array_filter(
                [...array_merge(...array_map(fn (self $part): array => $part->open, $parts)), ...$seams],
                fn (array $one): bool => $outside($one[1], $one[2]) || $outside($one[3], $one[4]),
            )),
            array_values(array_filter(
                array_merge(...array_map(fn (self $part): array => $part->edges, $parts)),
                fn (array $one): bool => $outside($one[0], $one[1]) && $outside($one[2], $one[3]),
            )),
            $straight,
        );
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
