<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/**
 * Plans equal pieces of cloth, such as a pack of squares, together: with the strips of all pieces shared out over the sheets, and sheet by
 * sheet in several rounds, where pieces that lay on badly used sheets are worth more the next time.
 */
final class EqualSheets
{
    private const ROUNDS = 6;

    /**
     * @param  list<Wanted>  $wanted
     * @param  non-empty-list<StockPiece>  $stock  all of one size, without a missing corner
     * @return CuttingPlan|null null where they do not hold everything
     */
    public static function plan(array $wanted, array $stock, Aim $aim): ?CuttingPlan
    {
        [$width, $length] = [$stock[0]->width, $stock[0]->length];
        $best = null;
        foreach ([...self::inStrips($wanted, $aim, $width, $length), ...self::inRounds($wanted, $aim, $width, $length)] as $sheets) {
            if (count($sheets) <= count($stock) && ($best === null || count($sheets) < count($best))) {
                $best = $sheets;
            }
        }

        return $best === null ? null : new CuttingPlan($wanted, array_map(
            fn (StockPiece $piece, SheetCut $sheet): StockCut => new StockCut($piece, [$sheet]), array_slice($stock, 0, count($best)), $best,
        ), array_slice($stock, count($best)));
    }

    /**
     * @param  list<Wanted>  $wanted
     * @return list<list<SheetCut>> plans that hold everything, however many sheets they take
     */
    private static function inStrips(array $wanted, Aim $aim, int $width, int $length): array
    {
        $plans = [];
        foreach ([false, true] as $lengthwise) {
            $strips = SheetFill::strips($wanted, $aim, $width, $length, $lengthwise);
            if ($strips !== null) {
                $plans[] = array_map(
                    fn (array $own): SheetCut => new SheetCut(0, 0, $width, $length, $lengthwise, $own),
                    self::shared($strips, $lengthwise ? $width : $length),
                );
            }
        }

        return $plans;
    }

    /**
     * @param  list<Wanted>  $wanted
     * @return list<list<SheetCut>>
     */
    private static function inRounds(array $wanted, Aim $aim, int $width, int $length): array
    {
        $plans = [];
        $worth = $area = array_column(array_map(
            fn (Wanted $piece): array => [$piece->id, (float) $piece->height * $piece->pitch / $piece->group], $wanted,
        ), 1, 0);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $left = $wanted;
            $sheets = [];
            $cost = array_fill_keys(array_keys($area), 0.0);
            while ($left !== []) {
                $sheet = SheetFill::most($left, $aim, 0, 0, $width, $length, $worth);
                $taken = $sheet->pieces();
                if ($taken === []) {
                    return $plans;
                }
                $used = array_sum(array_map(fn (string $id, int $count): float => $area[$id] * $count, array_keys($taken), $taken));
                // A sheet that is filled so as often as there are pieces for it is worked out once.
                $times = min(array_map(
                    fn (Wanted $piece): int => isset($taken[$piece->id]) ? intdiv($piece->count, $taken[$piece->id]) : PHP_INT_MAX, $left,
                ));
                foreach ($taken as $id => $count) {
                    $cost[$id] += $times * $count * $area[$id] * $width * $length / $used;
                }
                array_push($sheets, ...array_fill(0, $times, $sheet));
                $left = self::without($left, $taken, $times);
            }
            $plans[] = $sheets;
            foreach ($wanted as $piece) {
                $worth[$piece->id] = ($worth[$piece->id] + $cost[$piece->id] / $piece->count) / 2;
            }
        }

        return $plans;
    }

    /**
     * @param  list<Wanted>  $left
     * @param  array<string, int>  $taken
     * @return list<Wanted>
     */
    private static function without(array $left, array $taken, int $times): array
    {
        $rest = array_map(fn (Wanted $piece): Wanted => $piece->of($piece->count - $times * ($taken[$piece->id] ?? 0)), $left);

        return array_values(array_filter($rest, fn (Wanted $piece): bool => $piece->count > 0));
    }

    /**
     * The highest strip first, each on the first sheet that has room for it.
     *
     * @param  list<Strip>  $strips
     * @return list<non-empty-list<Strip>>
     */
    private static function shared(array $strips, int $room): array
    {
        usort($strips, fn (Strip $one, Strip $other): int => $other->height <=> $one->height);
        $sheets = [];
        foreach ($strips as $strip) {
            $number = 0;
            while (isset($sheets[$number]) && BoltCuts::length($sheets[$number]) + $strip->height > $room) {
                $number++;
            }
            $sheets[$number][] = $strip;
        }

        return array_values($sheets);
    }
}
