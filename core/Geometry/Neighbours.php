<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

/** Which fabrics lie beside which. */
final class Neighbours
{
    /** Inches within which corners count as one. */
    private const GRAIN = 0.001;

    /**
     * Inches along which two fabrics touch in some patches.
     *
     * @param  iterable<Patch>  $patches
     * @return array<string, float> by the two fabrics, sorted, with a space between
     */
    public static function in(iterable $patches): array
    {
        $edges = [];
        foreach ($patches as $patch) {
            foreach (array_keys($patch->outline->corners) as $index) {
                $edges[] = [...$patch->outline->edge($index), $patch->slot];
            }
        }

        return self::along($edges);
    }

    /**
     * Inches along which edges of two fabrics lie on one another. Edges are cut at every corner that lies on them, so that a long edge
     * beside two short ones is found.
     *
     * @param  list<array{float, float, float, float, string}>  $edges
     * @return array<string, float> by the two fabrics, sorted
     */
    public static function along(array $edges): array
    {
        $lines = [];
        foreach ($edges as [$x1, $y1, $x2, $y2, $slot]) {
            [$dx, $dy] = [$x2 - $x1, $y2 - $y1];
            if (abs($dx) < self::GRAIN && abs($dy) < self::GRAIN) {
                continue;
            }
            // One line through the plane: upright, level, or by its direction and its distance from the corner.
            if (abs($dx) < self::GRAIN) {
                [$line, $from, $to] = ['x'.round($x1 / self::GRAIN), $y1, $y2];
            } elseif (abs($dy) < self::GRAIN) {
                [$line, $from, $to] = ['y'.round($y1 / self::GRAIN), $x1, $x2];
            } else {
                $length = hypot($dx, $dy) * ($dx < 0 ? -1 : 1);
                [$ux, $uy] = [$dx / $length, $dy / $length];
                $line = round($uy / self::GRAIN).' '.round(($x1 * $uy - $y1 * $ux) / self::GRAIN / 10);
                [$from, $to] = [$x1 * $ux + $y1 * $uy, $x2 * $ux + $y2 * $uy];
            }
            $lines[$line][] = $from < $to ? [$from, $to, $slot] : [$to, $from, $slot];
        }
        $shared = [];
        foreach ($lines as $along) {
            usort($along, fn (array $a, array $b): int => $a[0] <=> $b[0]);
            foreach ($along as $index => [$from, $to, $slot]) {
                for ($next = $index + 1; $next < count($along) && $along[$next][0] < $to - self::GRAIN; $next++) {
                    $length = min($to, $along[$next][1]) - $along[$next][0];
                    if ($along[$next][2] !== $slot && $length > self::GRAIN) {
                        $pair = $slot < $along[$next][2] ? $slot.' '.$along[$next][2] : $along[$next][2].' '.$slot;
                        $shared[$pair] = ($shared[$pair] ?? 0.0) + $length;
                    }
                }
            }
        }

        return $shared;
    }
}
