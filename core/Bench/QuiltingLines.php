<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** Lines to quilt along, worked out from a top: for somebody to see before she marks anything. All places in finished inches. */
final class QuiltingLines
{
    /** Lines of one drawing. */
    private const MOST = 6000;

    private const LEAST = [1, 8];

    /**
     * @param  string  $kind  `seams` (one line beside every seam), `echoes` (one within the other), `grid` or `diagonal`
     * @param  list<list<array{float, float}>>  $patches  the corners of every patch of the whole top; only lines that follow seams need
     *     them
     * @return list<list<array{float, float}>> lines by their points; those that follow seams close on themselves
     *
     * @throws MeasureRefused when the distance is too small, or there is no such kind
     */
    public static function of(string $kind, Size $top, array $patches, Length $distance): array
    {
        $step = $distance->toFloat();
        if ($step < self::LEAST[0] / self::LEAST[1] - 1e-9 || $step > max($top->width->toFloat(), $top->height->toFloat())) {
            throw new MeasureRefused('distance', 'no_distance');
        }
        $lines = match ($kind) {
            'seams' => self::within($patches, $step, 1),
            'echoes' => self::within($patches, $step, PHP_INT_MAX),
            'grid' => self::grid($top->width->toFloat(), $top->height->toFloat(), $step),
            'diagonal' => self::diagonal($top->width->toFloat(), $top->height->toFloat(), $step),
            default => throw new MeasureRefused('lines', 'no_lines'),
        };

        return array_slice($lines, 0, self::MOST);
    }

    /**
     * @param  list<list<array{float, float}>>  $patches
     * @return list<list<array{float, float}>>
     */
    private static function within(array $patches, float $step, int $times): array
    {
        $lines = [];
        foreach ($patches as $corners) {
            for ($time = 1; $time <= $times && count($lines) < self::MOST; $time++) {
                $inner = self::inset($corners, $step * $time);
                if ($inner === []) {
                    break;
                }
                $lines[] = [...$inner, $inner[0]];
            }
        }

        return $lines;
    }

    /**
     * A shape without hollows made smaller by a distance on every side; nothing when none is left. A curve counts as its chord.
     *
     * @param  list<array{float, float}>  $corners
     * @return list<array{float, float}>
     */
    private static function inset(array $corners, float $distance): array
    {
        $count = count($corners);
        $area = 0.0;
        foreach ($corners as $index => [$x, $y]) {
            [$nx, $ny] = $corners[($index + 1) % $count];
            $area += $x * $ny - $nx * $y;
        }
        $shape = $area < 0 ? array_reverse($corners) : $corners;
        // Cut off at every side in turn what lies closer to it than the distance.
        $rest = $shape;
        foreach ($shape as $index => [$x, $y]) {
            [$nx, $ny] = $shape[($index + 1) % $count];
            $length = hypot($nx - $x, $ny - $y);
            if ($length < 1e-9) {
                continue;
            }
            [$ix, $iy] = [-($ny - $y) / $length, ($nx - $x) / $length];
            $rest = self::cutOff($rest, fn (float $px, float $py): float => ($px - $x) * $ix + ($py - $y) * $iy - $distance);
            if (count($rest) < 3) {
                return [];
            }
        }

        return $rest;
    }

    /**
     * The part of a shape on which a measure is not below zero (by Sutherland and Hodgman).
     *
     * @param  list<array{float, float}>  $corners
     * @param  callable(float, float): float  $measure
     * @return list<array{float, float}>
     */
    private static function cutOff(array $corners, callable $measure): array
    {
        $rest = [];
        foreach ($corners as $index => $corner) {
            $next = $corners[($index + 1) % count($corners)];
            [$here, $there] = [$measure(...$corner), $measure(...$next)];
            if ($here >= -1e-9) {
                $rest[] = $corner;
            }
            if (($here < -1e-9 && $there > 1e-9) || ($here > 1e-9 && $there < -1e-9)) {
                $share = $here / ($here - $there);
                $rest[] = [$corner[0] + $share * ($next[0] - $corner[0]), $corner[1] + $share * ($next[1] - $corner[1])];
            }
        }

        return $rest;
    }

    /** @return list<list<array{float, float}>> */
    private static function grid(float $width, float $height, float $step): array
    {
        $lines = [];
        for ($x = $step; $x < $width - 1e-9; $x += $step) {
            $lines[] = [[$x, 0.0], [$x, $height]];
        }
        for ($y = $step; $y < $height - 1e-9; $y += $step) {
            $lines[] = [[0.0, $y], [$width, $y]];
        }

        return $lines;
    }

    /** @return list<list<array{float, float}>> lines at 45°, both ways, the distance apart */
    private static function diagonal(float $width, float $height, float $step): array
    {
        $lines = [];
        // Two lines at 45° that lie a distance apart are √2 of it apart along the edge.
        $along = $step * M_SQRT2;
        for ($start = $along; $start < $width + $height - 1e-9; $start += $along) {
            $from = [min($start, $width), max(0.0, $start - $width)];
            $to = [max(0.0, $start - $height), min($start, $height)];
            $lines[] = [$from, $to];
            $lines[] = [[$width - $from[0], $from[1]], [$width - $to[0], $to[1]]];
        }

        return $lines;
    }
}
