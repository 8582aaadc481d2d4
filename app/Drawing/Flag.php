<?php

declare(strict_types=1);

namespace App\Drawing;

use Dew\Core\Press\Pressed;
use Dew\Core\Press\PressFlag;

/** Draws which way a seam is pressed. */
final class Flag
{
    /**
     * A small flag on the middle of a seam, towards the side that its allowance lies on; a diamond where it is pressed open.
     *
     * @param  float  $size  inches from its middle to either end
     * @return string the path as SVG takes it
     */
    public static function path(PressFlag $flag, float $size, float $margin = 0.0): string
    {
        [$x, $y] = [$margin + ($flag->fromX + $flag->toX) / 2, $margin + ($flag->fromY + $flag->toY) / 2];
        $length = max(0.001, hypot($flag->toX - $flag->fromX, $flag->toY - $flag->fromY));
        $size = min($size, $length / 2);
        [$dx, $dy] = [($flag->toX - $flag->fromX) / $length * $size, ($flag->toY - $flag->fromY) / $length * $size];
        $points = match ($flag->pressed) {
            Pressed::Right => [[$x - $dx, $y - $dy], [$x + $dx, $y + $dy], [$x - 2 * $dy, $y + 2 * $dx]],
            Pressed::Left => [[$x - $dx, $y - $dy], [$x + $dx, $y + $dy], [$x + 2 * $dy, $y - 2 * $dx]],
            Pressed::Open => [[$x - $dx, $y - $dy], [$x - $dy, $y + $dx], [$x + $dx, $y + $dy], [$x + $dy, $y - $dx]],
        };

        return 'M'.implode('L', array_map(fn (array $point): string => Shape::at($point[0]).' '.Shape::at($point[1]), $points)).'Z';
    }
}
