<?php

declare(strict_types=1);

namespace Tests\Core;

use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Geometry\Patch;
use Dew\Core\Press\Pressed;
use Dew\Core\Press\PressPlan;

/**
 * Walks over a top and looks at every point where patches meet, without the solver's own crossings: from the patches it knows which seams
 * end there, from the plan which of them runs through and which way the others lie.
 */
final class PressWalk
{
    /** @return array{int, int} crossings, and how many of them do not nest */
    public static function over(QuiltSheet $sheet, PressPlan $plan): array
    {
        $rays = self::rays($sheet);
        $crossings = $left = 0;
        foreach ($rays as $point => $directions) {
            [$x, $y] = array_map(floatval(...), explode(' ', $point));
            $through = self::through($x, $y, $plan);
            foreach ($through as [$dx, $dy]) {
                // Seams that end on each side of the one that runs through, each once.
                $sides = [[], []];
                foreach ($directions as [$rx, $ry]) {
                    $side = $dx * $ry - $dy * $rx;
                    if (abs($side) > 0.01 && self::endsAt($x, $y, $rx, $ry, $plan)) {
                        $sides[$side > 0 ? 1 : 0][] = [$rx, $ry];
                    }
                }
                foreach (self::partners($sides[0], $sides[1], $dx, $dy) as [$one, $other]) {
                    $crossings++;
                    $lies = fn (array $ray): float => self::lies($x, $y, $ray[0], $ray[1], $dx, $dy, $plan);
                    $left += $lies($one) * $lies($other) < 0 ? 0 : 1;
                }
            }
        }

        return [$crossings, $left];
    }

    /** @return array<string, list<array{float, float}>> unit vectors along the edges of patches, by the point they meet in */
    private static function rays(QuiltSheet $sheet): array
    {
        $edges = [];
        $add = function (Patch $patch, float $x, float $y, int $turn) use (&$edges): void {
            $angle = deg2rad($turn);
            foreach (array_keys($patch->outline->corners) as $index) {
                [$x1, $y1, $x2, $y2] = $patch->outline->edge($index);
                $move = fn (float $px, float $py): array => [
                    $x + cos($angle) * $px - sin($angle) * $py, $y + sin($angle) * $px + cos($angle) * $py,
                ];
                $edges[] = [...$move($x1, $y1), ...$move($x2, $y2)];
            }
        };
        foreach ($sheet->placements as $block) {
            foreach ($sheet->blocks[$block->product] as $unit) {
                $angle = deg2rad($block->turn);
                [$ux, $uy] = [$unit->x->toFloat(), $unit->y->toFloat()];
                $x = $block->x->toFloat() + cos($angle) * $ux - sin($angle) * $uy;
                $y = $block->y->toFloat() + sin($angle) * $ux + cos($angle) * $uy;
                foreach ($sheet->units[$unit->product] as $patch) {
                    $add($patch, $x, $y, $block->turn + $unit->turn);
                }
            }
        }
        foreach ($sheet->frame as $patch) {
            $add($patch, 0, 0, 0);
        }
        $rays = [];
        foreach ($edges as [$x1, $y1, $x2, $y2]) {
            $length = hypot($x2 - $x1, $y2 - $y1);
            foreach ([[$x1, $y1, ($x2 - $x1) / $length, ($y2 - $y1) / $length], [$x2, $y2, ($x1 - $x2) / $length, ($y1 - $y2) / $length]] as [$x, $y, $dx, $dy]) {
                $rays[sprintf('%.2f %.2f', $x + 0.0001, $y + 0.0001)][sprintf('%.2f %.2f', $dx + 0.0001, $dy + 0.0001)] = [$dx, $dy];
            }
        }

        return array_map(array_values(...), $rays);
    }

    /** @return list<array{float, float}> directions of the seams that run through a point */
    private static function through(float $x, float $y, PressPlan $plan): array
    {
        $through = [];
        foreach ($plan->model->segments as [, $x1, $y1, $x2, $y2]) {
            $length = hypot($x2 - $x1, $y2 - $y1);
            [$dx, $dy] = [($x2 - $x1) / $length, ($y2 - $y1) / $length];
            $along = ($x - $x1) * $dx + ($y - $y1) * $dy;
            if (abs(($x - $x1) * $dy - ($y - $y1) * $dx) < 0.02 && $along > 0.02 && $along < $length - 0.02) {
                $through[] = [$dx, $dy];
            }
        }

        return $through;
    }

    private static function endsAt(float $x, float $y, float $rx, float $ry, PressPlan $plan): bool
    {
        return self::seam($x, $y, $rx, $ry, $plan) !== null;
    }

    /** @return array{int, float, float}|null number of the seam that ends in a point and leaves it in a direction, and its own direction */
    private static function seam(float $x, float $y, float $rx, float $ry, PressPlan $plan): ?array
    {
        foreach ($plan->model->segments as [$seam, $x1, $y1, $x2, $y2]) {
            $length = hypot($x2 - $x1, $y2 - $y1);
            [$dx, $dy] = [($x2 - $x1) / $length, ($y2 - $y1) / $length];
            if ((hypot($x - $x1, $y - $y1) < 0.03 && abs($dx - $rx) < 0.02 && abs($dy - $ry) < 0.02)
                || (hypot($x - $x2, $y - $y2) < 0.03 && abs($dx + $rx) < 0.02 && abs($dy + $ry) < 0.02)) {
                return [$seam, $dx, $dy];
            }
        }

        return null;
    }

    /** Whether a seam's allowance lies along a line (above zero) or against it. */
    private static function lies(float $x, float $y, float $rx, float $ry, float $dx, float $dy, PressPlan $plan): float
    {
        [$seam, $sx, $sy] = self::seam($x, $y, $rx, $ry, $plan) ?? [0, 0.0, 0.0];
        // The right of somebody who walks along it, where y grows downwards.
        $right = -$sy * $dx + $sx * $dy;

        return $plan->pressed[$seam] === Pressed::Right ? $right : -$right;
    }

    /**
     * @param  list<array{float, float}>  $left
     * @param  list<array{float, float}>  $right
     * @return list<array{array{float, float}, array{float, float}}>
     */
    private static function partners(array $left, array $right, float $dx, float $dy): array
    {
        $pairs = [];
        foreach (['straight', 'mirrored', 'last'] as $how) {
            foreach ($left as $i => [$ax, $ay]) {
                foreach ($right as $j => [$bx, $by]) {
                    $along = $ax * $dx + $ay * $dy;
                    $fits = match ($how) {
                        'straight' => abs($ax + $bx) < 0.02 && abs($ay + $by) < 0.02,
                        'mirrored' => abs(2 * $along * $dx - $ax - $bx) < 0.02 && abs(2 * $along * $dy - $ay - $by) < 0.02,
                        'last' => count($left) === 1 && count($right) === 1,
                    };
                    if ($fits) {
                        $pairs[] = [[$ax, $ay], [$bx, $by]];
                        unset($left[$i], $right[$j]);

                        break;
                    }
                }
            }
        }

        return $pairs;
    }
}
