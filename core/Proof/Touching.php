<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Geometry\Patch;

/** Which fabrics touch which within the blocks of a design. */
final class Touching
{
    /** Corners are compared by thousandths of an inch. */
    private const GRAIN = 1000;

    /**
     * Pairs of fabrics, and the inches along which they touch in one of every block, the longest first.
     *
     * @return list<array{string, string, float}>
     */
    public static function in(Design $design): array
    {
        $products = Compilation::of($design)->products(1, 1);
        $lengths = [];
        foreach (array_keys($design->blocks) as $key) {
            foreach (str_contains((string) $key, '.') ? [] : self::touching($products[$key]->patches()) as $pair => $length) {
                $lengths[$pair] = ($lengths[$pair] ?? 0.0) + $length;
            }
        }
        arsort($lengths);
        $pairs = [];
        foreach ($lengths as $pair => $length) {
            [$one, $other] = explode(' ', (string) $pair);
            $pairs[] = [$one, $other, round($length, 2)];
        }

        return $pairs;
    }

    /**
     * Inches along which patches of two fabrics share an edge. Edges are cut at every corner that lies on them, so that a long edge beside
     * two short ones is found.
     *
     * @param  list<Patch>  $patches
     * @return array<string, float> by the two fabrics, sorted
     */
    private static function touching(array $patches): array
    {
        $lines = [];
        foreach ($patches as $patch) {
            foreach (array_keys($patch->outline->corners) as $index) {
                [$x1, $y1, $x2, $y2] = array_map(
                    fn (float $at): float => round($at * self::GRAIN) / self::GRAIN,
                    $patch->outline->edge($index),
                );
                [$dx, $dy] = [$x2 - $x1, $y2 - $y1];
                $length = hypot($dx, $dy);
                if ($length < 1e-6) {
                    continue;
                }
                if ($dx < -1e-9 || (abs($dx) < 1e-9 && $dy < 0)) {
                    [$dx, $dy] = [-$dx, -$dy];
                }
                // One line through the plane: its direction and its distance from the corner.
                [$ux, $uy] = [$dx / $length, $dy / $length];
                $line = sprintf('%.3f %.3f %.2f', $ux + 0.0, $uy + 0.0, $x1 * $uy - $y1 * $ux + 0.0);
                [$from, $to] = [$x1 * $ux + $y1 * $uy, $x2 * $ux + $y2 * $uy];
                $lines[$line][] = [min($from, $to), max($from, $to), $patch->slot];
            }
        }
        $shared = [];
        foreach ($lines as $edges) {
            usort($edges, fn (array $a, array $b): int => $a[0] <=> $b[0]);
            foreach ($edges as $index => [$from, $to, $slot]) {
                for ($next = $index + 1; $next < count($edges) && $edges[$next][0] < $to - 1e-3; $next++) {
                    $length = min($to, $edges[$next][1]) - $edges[$next][0];
                    if ($edges[$next][2] !== $slot && $length > 1e-3) {
                        $pair = [$slot, $edges[$next][2]];
                        sort($pair);
                        $shared[implode(' ', $pair)] = ($shared[implode(' ', $pair)] ?? 0.0) + $length;
                    }
                }
            }
        }

        return $shared;
    }
}
