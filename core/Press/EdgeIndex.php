<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/** The edges of the parts of one product, found by the line they lie on: so that a seam is compared with those on its own line only. */
final class EdgeIndex
{
    /** Inches by which two edges must overlap to be sewn together. */
    private const OVERLAP = 0.01;

    /** Lines are kept under their angle and their distance in steps of so many inches. */
    private const STEP = 0.05;

    /** Inches of a line that are kept together. */
    private const REACH = 12.0;

    /** @var list<array{int, float, float, float, float}> number of the part and the edge */
    private array $edges = [];

    /** @var array<int, array<int, array<int, list<int>>>> numbers of edges by the angle, the distance and the reach of their line */
    private array $lines = [];

    /** @var list<array{float, float}> the middle of every part */
    private array $middles = [];

    /** @param  list<list<array{float, float, float, float, ...}>>  $items  the edges of every part */
    public function __construct(array $items)
    {
        $known = [];
        foreach ($items as $number => $edges) {
            [$x, $y] = [0.0, 0.0];
            foreach ($edges as [$x1, $y1, $x2, $y2]) {
                $x += $x1 + $x2;
                $y += $y1 + $y2;
                $line = self::line($x1, $y1, $x2, $y2);
                if ($line === null || isset($known["$number $x1 $y1 $x2 $y2"])) {
                    continue;
                }
                $known["$number $x1 $y1 $x2 $y2"] = true;
                foreach (self::reaches($line, $x1, $y1, $x2, $y2) as $reach) {
                    $this->lines[$line[0]][$line[1]][$reach][] = count($this->edges);
                }
                $this->edges[] = [$number, $x1, $y1, $x2, $y2];
            }
            $count = max(1, 2 * count($edges));
            $this->middles[] = [$x / $count, $y / $count];
        }
    }

    /**
     * Pairs of parts that a seam joins: every part with an edge on it, with those across from it.
     *
     * @return list<array{int, int}> the part on its left, and that on its right
     */
    public function beside(PressSeam $seam): array
    {
        $length = hypot($seam->toX - $seam->fromX, $seam->toY - $seam->fromY);
        $line = self::line($seam->fromX, $seam->fromY, $seam->toX, $seam->toY);
        if ($line === null) {
            return [];
        }
        [$dx, $dy] = [($seam->toX - $seam->fromX) / $length, ($seam->toY - $seam->fromY) / $length];
        $reaches = self::reaches($line, $seam->fromX, $seam->fromY, $seam->toX, $seam->toY);
        $sides = [[], []];
        foreach ([-1, 0, 1] as $near) {
            foreach ($this->on($line[0], $line[1] + $near, $reaches) as [$number, $x1, $y1, $x2, $y2]) {
                if (abs($dx * ($y1 - $seam->fromY) - $dy * ($x1 - $seam->fromX)) >= PressModel::GRAIN
                    || abs($dx * ($y2 - $seam->fromY) - $dy * ($x2 - $seam->fromX)) >= PressModel::GRAIN) {
                    continue;
                }
                $a = $dx * ($x1 - $seam->fromX) + $dy * ($y1 - $seam->fromY);
                $b = $dx * ($x2 - $seam->fromX) + $dy * ($y2 - $seam->fromY);
                [$x, $y] = $this->middles[$number];
                // Where y grows downwards, what lies further down is on the right of somebody who walks to the right.
                $side = $dx * ($y - $seam->fromY) - $dy * ($x - $seam->fromX) > 0 ? 1 : 0;
                [$from, $to] = [max(0.0, min($a, $b)), min($length, max($a, $b))];
                $last = count($sides[$side]) - 1;
                // Edges of one part that follow each other count as one.
                if ($last >= 0 && $sides[$side][$last][0] === $number && $from <= $sides[$side][$last][2] + PressModel::GRAIN
                    && $to >= $sides[$side][$last][1] - PressModel::GRAIN) {
                    $sides[$side][$last][1] = min($from, $sides[$side][$last][1]);
                    $sides[$side][$last][2] = max($to, $sides[$side][$last][2]);
                } else {
                    $sides[$side][] = [$number, $from, $to];
                }
            }
        }
        $pairs = [];
        foreach ($sides[0] as [$left, $from, $to]) {
            foreach ($sides[1] as [$right, $start, $end]) {
                if (min($to, $end) - max($from, $start) > self::OVERLAP) {
                    $pairs["$left-$right"] = [$left, $right];
                }
            }
        }
        // In the order of the parts, whatever the order in which lines were found.
        ksort($pairs, SORT_NATURAL);

        return array_values($pairs);
    }

    /**
     * The edges on a line within some reaches of it, in the order of their parts.
     *
     * @param  list<int>  $reaches
     * @return list<array{int, float, float, float, float}>
     */
    private function on(int $angle, int $distance, array $reaches): array
    {
        $lines = $this->lines[$angle][$distance] ?? [];
        $found = [];
        foreach ($reaches as $reach) {
            foreach ($lines[$reach] ?? [] as $number) {
                $found[$number] ??= $this->edges[$number];
            }
        }

        return array_values($found);
    }

    /**
     * @param  array{int, int}  $line
     * @return list<int> numbers of the reaches of a line that an edge lies in
     */
    private static function reaches(array $line, float $x1, float $y1, float $x2, float $y2): array
    {
        [$cos, $sin] = [cos(deg2rad($line[0] / 10)), sin(deg2rad($line[0] / 10))];
        [$a, $b] = [$cos * $x1 + $sin * $y1, $cos * $x2 + $sin * $y2];

        return range((int) floor((min($a, $b) - 0.1) / self::REACH), (int) floor((max($a, $b) + 0.1) / self::REACH));
    }

    /**
     * The line through two points: its angle in tenths of a degree, and its distance in steps; null where the points are one.
     *
     * @return array{int, int}|null
     */
    private static function line(float $x1, float $y1, float $x2, float $y2): ?array
    {
        $length = hypot($x2 - $x1, $y2 - $y1);
        if ($length < PressModel::GRAIN) {
            return null;
        }
        [$dx, $dy] = [($x2 - $x1) / $length, ($y2 - $y1) / $length];
        // One direction for both ways along a line.
        if ($dx < -1e-6 || (abs($dx) <= 1e-6 && $dy < 0)) {
            [$dx, $dy] = [-$dx, -$dy];
        }

        return [(int) round(rad2deg(atan2($dy, $dx)) * 10), (int) round(($dx * $y1 - $dy * $x1) / self::STEP)];
    }
}
