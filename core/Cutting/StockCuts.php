<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/**
 * Shares out what is wanted over the cloth that somebody has.
 *
 * The smallest piece of cloth that holds everything is taken, of yardage no more than it needs. Where none does, the smaller pieces are
 * used up first, each as well as it can be, until one of those that are left holds the rest.
 */
final class StockCuts
{
    /**
     * @param  list<Wanted>  $wanted
     * @param  list<StockPiece>  $stock
     */
    public static function plan(array $wanted, array $stock, Aim $aim = Aim::Cloth): CuttingPlan
    {
        $wanted = array_values(array_filter($wanted, fn (Wanted $piece): bool => $piece->count > 0));
        usort($stock, fn (StockPiece $one, StockPiece $other): int => $one->area() <=> $other->area() ?: strnatcmp($one->id, $other->id));
        $smallFirst = self::inOrder($wanted, $stock, $aim);
        if ($smallFirst->short() === [] && count($smallFirst->cuts) < 2) {
            return $smallFirst;
        }
        // Cloth of one size, such as a pack of squares, is used up alike from either end.
        if (count(array_unique(array_map(self::sizeOf(...), $stock))) < 2) {
            $together = $stock === [] || $stock[0]->goneWidth > 0 ? null : EqualSheets::plan($stock[0]->lays($wanted), $stock, $aim);

            return $together !== null && ($smallFirst->short() !== [] || count($together->cuts) < count($smallFirst->cuts)) ? $together : $smallFirst;
        }
        $largeFirst = self::inOrder($wanted, array_reverse($stock), $aim, true);
        $worse = self::missing($smallFirst) <=> self::missing($largeFirst);

        return $worse > 0 || ($worse === 0 && $largeFirst->cloth() < $smallFirst->cloth()) ? $largeFirst : $smallFirst;
    }

    /**
     * @param  list<Wanted>  $wanted
     * @param  list<StockPiece>  $stock  the smallest first, or the largest
     */
    private static function inOrder(array $wanted, array $stock, Aim $aim, bool $largestFirst = false): CuttingPlan
    {
        $left = $wanted;
        $cuts = [];
        $untouched = [];
        $alike = [];
        $filled = [];
        while ($left !== [] && $stock !== []) {
            $last = self::holdsAll($left, $largestFirst ? array_reverse($stock) : $stock, $aim);
            if ($last !== null) {
                return new CuttingPlan($wanted, [...$cuts, $last], [...$untouched, ...self::without($stock, $last->stock)]);
            }
            $next = array_shift($stock);
            // Cloth of the same size as one that held nothing holds nothing either.
            $size = self::sizeOf($next);
            // More of a piece than one piece of cloth can hold changes nothing of how it is filled: the next one like it is cut alike.
            $filling = $size.' '.self::countsWithin($left, $next);
            $cut = isset($alike[$size]) ? null : ($filled[$filling] ??= self::most($left, $next, $aim))?->from($next);
            if ($cut === null) {
                $alike[$size] = $next;
                $untouched[] = $next;

                continue;
            }
            $cuts[] = $cut;
            $left = self::rest($left, $cut->pieces());
        }

        return new CuttingPlan($wanted, $cuts, [...$untouched, ...$stock]);
    }

    private static function sizeOf(StockPiece $piece): string
    {
        return implode(' ', [$piece->width, $piece->length, $piece->goneWidth, $piece->goneLength, $piece->directional ? 'upright' : 'any']);
    }

    /**
     * What is wanted, no more of each than a piece of cloth could hold if nothing else were cut from it.
     *
     * @param  list<Wanted>  $wanted
     */
    private static function countsWithin(array $wanted, StockPiece $piece): string
    {
        $counts = [];
        foreach ($wanted as $one) {
            $most = intdiv($piece->width * $piece->length * $one->group, $one->height * $one->pitch);
            $counts[] = $one->id.'='.min($one->count, $most);
        }

        return implode(' ', $counts);
    }

    /**
     * @param  list<Wanted>  $wanted
     * @param  non-empty-list<StockPiece>  $stock  the smallest first
     */
    private static function holdsAll(array $wanted, array $stock, Aim $aim): ?StockCut
    {
        $area = self::area($wanted);
        if ($stock[count($stock) - 1]->area() < $area) {
            return null;
        }
        $tried = [];
        foreach ($stock as $piece) {
            $size = self::sizeOf($piece);
            if ($piece->area() < $area || isset($tried[$size])) {
                continue;
            }
            $tried[$size] = true;
            foreach ($piece->rectangles() as $parts) {
                $cut = new StockCut($piece, self::sheets($piece->lays($wanted), $parts, $aim, true));
                if (self::rest($wanted, $cut->pieces()) === []) {
                    return $cut;
                }
            }
        }

        return null;
    }

    /** @param  list<Wanted>  $wanted */
    private static function most(array $wanted, StockPiece $piece, Aim $aim): ?StockCut
    {
        $best = null;
        $most = 0;
        foreach ($piece->rectangles() as $parts) {
            $cut = new StockCut($piece, self::sheets($piece->lays($wanted), $parts, $aim, false));
            $area = self::area($wanted) - self::area(self::rest($wanted, $cut->pieces()));
            if ($area > $most) {
                [$most, $best] = [$area, $cut];
            }
        }

        return $best;
    }

    /**
     * @param  list<Wanted>  $wanted
     * @param  non-empty-list<array{int, int, int, int}>  $parts
     * @param  bool  $all  whether it is tried to cut everything from one of them
     * @return non-empty-list<SheetCut>
     */
    private static function sheets(array $wanted, array $parts, Aim $aim, bool $all): array
    {
        $sheets = [];
        foreach ($parts as $part) {
            $sheet = ($all ? SheetFill::all($wanted, $aim, ...$part) : null) ?? SheetFill::most($wanted, $aim, ...$part);
            $sheets[] = $sheet;
            $wanted = self::rest($wanted, $sheet->pieces());
        }

        return $sheets;
    }

    /**
     * @param  list<Wanted>  $wanted
     * @param  array<string, int>  $taken
     * @return list<Wanted>
     */
    private static function rest(array $wanted, array $taken): array
    {
        $rest = [];
        foreach ($wanted as $piece) {
            $count = $piece->count - ($taken[$piece->id] ?? 0);
            if ($count > 0) {
                $rest[] = $piece->of($count);
            }
        }

        return $rest;
    }

    /**
     * @param  list<StockPiece>  $stock
     * @return list<StockPiece>
     */
    private static function without(array $stock, StockPiece $gone): array
    {
        return array_values(array_filter($stock, fn (StockPiece $piece): bool => $piece->id !== $gone->id));
    }

    /** @param  list<Wanted>  $wanted */
    private static function area(array $wanted): int
    {
        return array_sum(array_map(fn (Wanted $piece): int => $piece->area(), $wanted));
    }

    private static function missing(CuttingPlan $plan): int
    {
        return self::area($plan->wanted) - $plan->area();
    }
}
