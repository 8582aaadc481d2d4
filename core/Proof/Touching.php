<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Block\Composed;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Geometry\Neighbours;
use Dew\Core\Unit\Unit;

/** Which fabrics touch which within the blocks of a design. */
final class Touching
{
    /**
     * Pairs of fabrics, and the inches along which they touch in one of every block, the longest first.
     *
     * @return list<array{string, string, float}>
     */
    public static function in(Design $design): array
    {
        $products = Compilation::of($design)->products(1, 1);
        $lengths = $edges = [];
        foreach (array_map(strval(...), array_keys($design->blocks)) as $key) {
            foreach (str_contains($key, '.') ? [] : Neighbours::along(self::edges($key, $products, $edges)) as $pair => $length) {
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
     * The edges of everything in a unit or block, in inches from its top left corner. What lies in a block several times is asked once.
     *
     * @param  array<string, Unit>  $products
     * @param  array<string, list<array{float, float, float, float, string}>>  $known  by product key
     * @return list<array{float, float, float, float, string}> from, to and the fabric
     */
    private static function edges(string $key, array $products, array &$known): array
    {
        if (isset($known[$key])) {
            return $known[$key];
        }
        $edges = [];
        $product = $products[$key];
        if (! $product instanceof Composed) {
            foreach ($product->patches() as $patch) {
                foreach (array_keys($patch->outline->corners) as $index) {
                    $edges[] = [...$patch->outline->edge($index), $patch->slot];
                }
            }

            return $known[$key] = $edges;
        }
        foreach ($product->placements() as $placement) {
            [$x, $y] = [$placement->x->toFloat(), $placement->y->toFloat()];
            $turn = deg2rad($placement->turn);
            [$across, $along] = $placement->turn % 90 === 0
                ? [[1, 0], [0, 1], [-1, 0], [0, -1]][intdiv($placement->turn, 90) % 4]
                : [cos($turn), sin($turn)];
            foreach (self::edges($placement->product, $products, $known) as [$x1, $y1, $x2, $y2, $slot]) {
                $edges[] = [
                    $x + $across * $x1 - $along * $y1, $y + $along * $x1 + $across * $y1,
                    $x + $across * $x2 - $along * $y2, $y + $along * $x2 + $across * $y2, $slot,
                ];
            }
        }

        return $known[$key] = $edges;
    }
}
