<?php

declare(strict_types=1);

namespace Tests\Core;

use Dew\Core\Cutting\Wanted;

/**
 * The shortest length of cloth for up to a dozen pieces of a few kinds: every choice of them in every rectangle that two smaller ones side by
 * side or one below the other give, with nothing left out and nothing of the code it checks.
 */
final class EveryRectangle
{
    /** @param  list<Wanted>  $wanted  none that interlock */
    public static function length(array $wanted, int $width): int
    {
        $rectangles = [];
        foreach (self::choices($wanted) as $choice) {
            $found = [];
            foreach ($wanted as $kind => $piece) {
                if (array_sum($choice) === 1 && $choice[$kind] === 1) {
                    $found[$piece->length] = $piece->height;
                    if ($piece->turns) {
                        $found[$piece->height] = min($found[$piece->height] ?? PHP_INT_MAX, $piece->length);
                    }
                }
            }
            foreach (self::choices(array_map(fn (Wanted $piece, int $count): Wanted => $piece->of($count), $wanted, $choice)) as $part) {
                $rest = array_map(fn (int $all, int $one): int => $all - $one, $choice, $part);
                if ($part >= $rest) {
                    foreach ($rectangles[implode(' ', $part)] ?? [] as $long => $high) {
                        foreach ($rectangles[implode(' ', $rest)] ?? [] as $otherLong => $otherHigh) {
                            $beside = $long + $otherLong;
                            $found[$beside] = min($found[$beside] ?? PHP_INT_MAX, max($high, $otherHigh));
                            $below = max($long, $otherLong);
                            $found[$below] = min($found[$below] ?? PHP_INT_MAX, $high + $otherHigh);
                        }
                    }
                }
            }
            ksort($found);
            $least = PHP_INT_MAX;
            foreach ($found as $long => $high) {
                if ($long > $width || $high >= $least) {
                    unset($found[$long]);
                } else {
                    $least = $high;
                }
            }
            $rectangles[implode(' ', $choice)] = $found;
        }

        return min(end($rectangles) ?: [PHP_INT_MAX]);
    }

    /**
     * @param  list<Wanted>  $wanted
     * @return list<list<int>> how many of each kind, the fewer before the more
     */
    private static function choices(array $wanted): array
    {
        $choices = [[]];
        foreach ($wanted as $piece) {
            $longer = [];
            foreach ($choices as $choice) {
                for ($count = 0; $count <= $piece->count; $count++) {
                    $longer[] = [...$choice, $count];
                }
            }
            $choices = $longer;
        }

        return array_slice($choices, 1);
    }
}
