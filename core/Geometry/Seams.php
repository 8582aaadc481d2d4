<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/**
 * Finds where patches meet.
 *
 * A corner of interior angle θ moved out by the seam allowance s stands s·cot(θ/2) beyond the finished corner, measured along either of its
 * edges. So at an end where one patch has the angle θ and the other φ, the first overhangs the second by s(cot(θ/2) − cot(φ/2)).
 */
final class Seams
{
    private const SAME = 1e-7;

    /**
     * Every seam between patches that share an edge.
     *
     * @param  list<Patch>  $patches
     * @param  array<int, Size>  $blunted  by the number of a patch whose sharp tips are blunted at a unit's raw edge: the unit's finished
     *     size
     * @return list<Seam>
     */
    public static function between(array $patches, Length $allowance, array $blunted = []): array
    {
        $s = $allowance->toFloat();
        $edges = [];
        foreach ($patches as $number => $patch) {
            $turns = $patch->outline->signedArea() > 0 ? 1 : -1;
            $count = count($patch->outline->corners);
            $cut = isset($blunted[$number]) ? CutShape::of($patch->outline, $allowance)->bluntedTo($blunted[$number], $allowance) : null;
            foreach (array_keys($patch->outline->corners) as $index) {
                $edge = $patch->outline->edge($index);
                if (self::isPoint($edge)) {
                    continue;
                }
                $reach = $cut !== null
                    ? self::bluntedReach($cut, $edge, $turns, $s)
                    : [self::reach($patch->outline, $index, $turns, $s), self::reach($patch->outline, ($index + 1) % $count, $turns, $s)];
                $edges[] = [
                    $number,
                    $turns > 0 ? $edge : [$edge[2], $edge[3], $edge[0], $edge[1]],
                    $turns > 0 ? $reach : array_reverse($reach),
                    isset($patch->outline->arcs[$index]) ? $patch->outline->edgeLength($index) : null,
                    $index,
                ];
            }
        }
        $seams = [];
        foreach (self::byLine($edges) as $line) {
            foreach ($line as $place => $index) {
                foreach (array_slice($line, $place + 1) as $other) {
                    $seam = $edges[$index][0] === $edges[$other][0] ? null : self::meet($edges[$index], $edges[$other]);
                    if ($seam !== null) {
                        $seams[] = $seam;
                    }
                }
            }
        }

        return $seams;
    }

    /**
     * Seams where tips stand out, each sewn seam once: where one long edge meets several patches sewn together before, its ends are
     * compared with the outermost of those.
     *
     * @param  list<Seam>  $seams
     * @return list<Seam>
     */
    public static function slanted(array $seams): array
    {
        $byEdge = [];
        foreach ($seams as $seam) {
            $byEdge[$seam->first.' '.$seam->firstEdge][] = $seam;
            $byEdge[$seam->second.' '.$seam->secondEdge][] = $seam->reversed();
        }
        $slanted = [];
        foreach ($seams as $seam) {
            $mine = $byEdge[$seam->first.' '.$seam->firstEdge];
            $theirs = $byEdge[$seam->second.' '.$seam->secondEdge];
            $whole = count($theirs) > count($mine) ? $theirs : $mine;
            // Between two corners of the long edge nothing stands out: the ends of the parts add up to its own.
            $sewn = new Seam(
                $whole[0]->first, $whole[0]->second, array_sum(array_map(fn (Seam $part): float => $part->length, $whole)),
                array_sum(
                    array_map(fn (Seam $part): float => $part->start, $whole),
                ), array_sum(array_map(fn (Seam $part): float => $part->end, $whole)),
                $whole[0]->firstEdge, $whole[0]->secondEdge,
            );
            if ($sewn->isSlanted()) {
                $slanted[$sewn->first.' '.$sewn->firstEdge] ??= $sewn;
            }
        }

        return array_values($slanted);
    }

    /**
     * Inches of seam within a shape that patches fill: half of what their outlines measure beyond the shape's own.
     *
     * @param  list<Patch>  $patches
     */
    public static function length(array $patches, float $around): float
    {
        return max(0.0, (array_sum(array_map(fn (Patch $patch): float => $patch->outline->perimeter(), $patches)) - $around) / 2);
    }

    /**
     * Only edges of one line can meet: those are compared, and no others.
     *
     * @param  list<array{int, array{float, float, float, float}, array<float>, float|null, int}>  $edges
     * @return list<list<int>> numbers of the edges that lie in one line
     */
    private static function byLine(array $edges): array
    {
        $lines = $members = [];
        foreach ($edges as $index => [, [$x, $y, $toX, $toY]]) {
            $length = hypot($toX - $x, $toY - $y);
            [$a, $b] = [($toY - $y) / $length, ($x - $toX) / $length];
            if ($a < -self::SAME || (abs($a) <= self::SAME && $b < 0)) {
                [$a, $b] = [-$a, -$b];
            }
            $off = $a * $x + $b * $y;
            $found = count($lines);
            foreach ($lines as $number => [$otherA, $otherB, $otherOff]) {
                if (abs($off - $otherOff) < self::SAME && abs($a - $otherA) < self::SAME && abs($b - $otherB) < self::SAME) {
                    $found = $number;
                    break;
                }
            }
            $lines[$found] ??= [$a, $b, $off];
            $members[$found][] = $index;
        }

        return array_values($members);
    }

    /**
     * How far the raw edge of a shape with blunted tips reaches beyond both ends of its finished edge.
     *
     * @param  array{float, float, float, float}  $edge
     * @return array{float, float}
     */
    private static function bluntedReach(CutShape $cut, array $edge, int $turns, float $s): array
    {
        [$x, $y, $toX, $toY] = $edge;
        $length = hypot($toX - $x, $toY - $y);
        [$alongX, $alongY] = [($toX - $x) / $length, ($toY - $y) / $length];
        $along = [];
        foreach ($cut->corners as [$cornerX, $cornerY]) {
            $out = $turns * (($cornerX - $x) * $alongY - ($cornerY - $y) * $alongX);
            if (abs($out - $s) < self::SAME) {
                $along[] = ($cornerX - $x) * $alongX + ($cornerY - $y) * $alongY;
            }
        }

        return $along === [] ? [0.0, 0.0] : [-min($along), max($along) - $length];
    }

    private static function reach(Outline $outline, int $index, int $turns, float $s): float
    {
        $count = count($outline->corners);
        // Where two corners of a shape fall on one point, the edge between them has no direction: the next one that has is taken.
        [$back, $forth] = [$index + $count - 1, $index];
        while ($back > $index && self::isPoint($outline->edge($back % $count))) {
            $back--;
        }
        while ($forth < $index + $count - 1 && self::isPoint($outline->edge($forth % $count))) {
            $forth++;
        }
        [$beforeX, $beforeY, $x, $y] = $outline->edge($back % $count);
        [, , $nextX, $nextY] = $outline->edge($forth % $count);
        $turn = $turns * atan2(
            ($x - $beforeX) * ($nextY - $y) - ($y - $beforeY) * ($nextX - $x),
            ($x - $beforeX) * ($nextX - $x) + ($y - $beforeY) * ($nextY - $y),
        );

        // The interior angle is π less the turn: its half's cotangent is the tangent of half the turn.
        return $s * tan($turn / 2);
    }

    /** @param  array{float, float, float, float}  $edge */
    private static function isPoint(array $edge): bool
    {
        return hypot($edge[2] - $edge[0], $edge[3] - $edge[1]) < self::SAME;
    }

    /**
     * @param  array{int, array{float, float, float, float}, array<float>, float|null, int}  $one
     * @param  array{int, array{float, float, float, float}, array<float>, float|null, int}  $two
     */
    private static function meet(array $one, array $two): ?Seam
    {
        [$number, [$x, $y, $toX, $toY], $reach, $arc, $edge] = $one;
        [$other, [$u, $v, $toU, $toV], $otherReach, $otherArc, $otherEdge] = $two;
        $length = hypot($toX - $x, $toY - $y);
        [$alongX, $alongY] = [($toX - $x) / $length, ($toY - $y) / $length];
        $off = fn (float $a, float $b): float => ($a - $x) * $alongY - ($b - $y) * $alongX;
        if (abs($off($u, $v)) > self::SAME || abs($off($toU, $toV)) > self::SAME) {
            return null;
        }
        // The other patch walks its edge the other way.
        $from = ($toU - $x) * $alongX + ($toV - $y) * $alongY;
        $to = ($u - $x) * $alongX + ($v - $y) * $alongY;
        [$begins, $ends] = [max(0.0, $from), min($length, $to)];
        if ($ends - $begins < self::SAME || $from > $to) {
            return null;
        }
        if (($arc === null) !== ($otherArc === null)) {
            return null;
        }
        $both = fn (float $mine, float $theirs): bool => abs($mine - $theirs) < self::SAME;
        $start = $both(0.0, $from) && $arc === null ? ($reach[0] ?? 0.0) - ($otherReach[1] ?? 0.0) : 0.0;
        $end = $both($length, $to) && $arc === null ? ($reach[1] ?? 0.0) - ($otherReach[0] ?? 0.0) : 0.0;
        $leftFirst = abs($alongX) > self::SAME ? $alongX > 0 : $alongY > 0;

        return new Seam(
            $number,
            $other,
            $arc ?? $ends - $begins,
            $leftFirst ? $start : $end,
            $leftFirst ? $end : $start,
            $edge,
            $otherEdge,
        );
    }
}
