<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** Cuts the pieces of one slot from several fabrics, about the same number of each piece from every one of them. */
final class VariedCuts
{
    /**
     * Each of the fabrics with most cloth gives its share; what that leaves short comes from cloth of any fabric that was not touched. Where
     * this would leave more short than a plan without regard to variety does, variety is given up.
     *
     * @param  list<Wanted>  $wanted
     * @param  list<StockPiece>  $stock
     * @param  int  $variety  at least two
     */
    public static function plan(array $wanted, array $stock, Aim $aim, int $variety): CuttingPlan
    {
        $plain = StockCuts::plan($wanted, $stock, $aim);
        $fabrics = self::largest($stock, $variety);
        if (count($fabrics) < 2) {
            return $plain;
        }
        $cuts = $untouched = [];
        $left = array_column(array_map(fn (Wanted $piece): array => [$piece->id, $piece->count], $wanted), 1, 0);
        foreach (array_values($fabrics) as $number => $pieces) {
            $share = array_map(fn (Wanted $piece): Wanted => $piece->of(
                intdiv($piece->count * ($number + 1), count($fabrics)) - intdiv($piece->count * $number, count($fabrics)),
            ), $wanted);
            $plan = StockCuts::plan($share, $pieces, $aim);
            array_push($cuts, ...$plan->cuts);
            array_push($untouched, ...$plan->untouched);
            foreach ($share as $piece) {
                $left[$piece->id] -= $piece->count - ($plan->short()[$piece->id] ?? 0);
            }
        }
        $used = array_merge([], ...array_values($fabrics));
        $others = array_values(array_filter($stock, fn (StockPiece $piece): bool => ! in_array($piece, $used, true)));
        $rest = StockCuts::plan(
            array_map(fn (Wanted $piece): Wanted => $piece->of($left[$piece->id]), $wanted), [...$untouched, ...$others], $aim,
        );
        $varied = new CuttingPlan($wanted, [...$cuts, ...$rest->cuts], $rest->untouched);

        return array_sum($varied->short()) > array_sum($plain->short()) ? $plain : $varied;
    }

    /**
     * @param  list<StockPiece>  $stock
     * @return array<string, list<StockPiece>> the pieces of the fabrics that there is most of, by fabric
     */
    private static function largest(array $stock, int $variety): array
    {
        $fabrics = $areas = [];
        foreach ($stock as $piece) {
            $fabrics['f '.$piece->fabric][] = $piece;
            $areas['f '.$piece->fabric] = ($areas['f '.$piece->fabric] ?? 0) + $piece->area();
        }
        uksort($fabrics, fn (string $one, string $other): int => [$areas[$other], $one] <=> [$areas[$one], $other]);

        return array_slice($fabrics, 0, $variety);
    }
}
