<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Geometry\Outline;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Unit;

/** Of blocks that are quilted one by one: whether the join cuts points off. */
final readonly class QuiltingChecks
{
    private const SAME = 1e-6;

    /** @return list<Finding> */
    public static function of(Subject $subject): array
    {
        $quilting = $subject->design->setting->quilting;
        if ($quilting === null) {
            return [];
        }
        $findings = [];
        foreach ($subject->blocks() as [$key, $block, $sized]) {
            if (! isset($sized->layout->blockCounts[$key])) {
                continue;
            }
            $clear = $quilting->sizes($block->finished(), $subject->design->room)['clear'];
            // A finished point lies a seam allowance farther from the trimmed edge than from the finished one.
            $nearest = self::nearestPoint($block);
            $has = $nearest === null ? null : Length::approximately($nearest)->plus($subject->design->room->seam)
                ->minus($quilting->trim->dividedBy(2));
            if ($has !== null && $has->isLessThan($clear)) {
                $findings[$key] = new Finding('points-at-join', Severity::Warning, $subject->place($key), [
                    'block' => $subject->name($key),
                ], [
                    'clear' => $clear, 'has' => $has, 'lost' => $clear->minus($has),
                ]);
            }
        }

        return array_values($findings);
    }

    /**
     * Inches from the block's finished edge to the nearest point: a corner of a patch at which a slanted edge ends. Null when there is
     * none.
     */
    private static function nearestPoint(Unit $block): ?float
    {
        $nearest = null;
        foreach ($block->patches() as $patch) {
            foreach (self::points($patch->outline) as [$x, $y]) {
                $distance = self::fromEdge($x, $y, $block->finished());
                $nearest = $nearest === null ? $distance : min($nearest, $distance);
            }
        }

        return $nearest;
    }

    /** @return list<array{float, float}> */
    private static function points(Outline $outline): array
    {
        $points = [];
        foreach (array_keys($outline->corners) as $index) {
            [$x, $y, $toX, $toY] = $outline->edge($index);
            if (isset($outline->arcs[$index]) || (abs($x - $toX) > self::SAME && abs($y - $toY) > self::SAME)) {
                $points[] = [$x, $y];
                $points[] = [$toX, $toY];
            }
        }

        return $points;
    }

    private static function fromEdge(float $x, float $y, Size $size): float
    {
        return max(0.0, min($x, $y, $size->width->toFloat() - $x, $size->height->toFloat() - $y));
    }
}
