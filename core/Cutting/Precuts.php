<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;

/** How many pieces of pre-cut cloth would serve for a fabric. */
final class Precuts
{
    /** More than that is not sold in packs that anybody opens for one fabric. */
    public const MOST = 200;

    /** The forms that are asked for: kind, and sides in inches where the kind has no usual ones; zero for the width of the cloth. */
    public const KINDS = [
        'square-5' => [StockKind::Square, 5, 5, 1],
        'square-10' => [StockKind::Square, 10, 10, 1],
        'strip-2' => [StockKind::Strip, 0, 5, 2],
        'fat-quarter' => [StockKind::FatQuarter, null, null, 1],
        'fat-eighth' => [StockKind::FatEighth, null, null, 1],
    ];

    /**
     * @param  list<ClothNeed>  $clues  what each clue cuts from the fabric, by itself
     * @param  string  $kind  a key of {@see KINDS}
     * @return int|null null when some piece does not fit, or more than {@see MOST} are needed
     */
    public static function count(array $clues, string $kind, CuttingRoom $room, Notation $notation): ?int
    {
        [$form, $width, $length, $of] = self::KINDS[$kind];
        $marks = new Marks($notation);
        $stock = new Stock(
            'precut', 'any', $form, $width === null ? null : ($width === 0 ? $room->usableWidth : Length::inches($width)),
            $length === null ? null : Length::fraction($length, $of), self::MOST,
        );
        $pieces = $stock->pieces($marks, $room);
        $count = 0;
        foreach ($clues as $need) {
            $area = array_sum(array_map(fn (Wanted $piece): int => $piece->area(), $need->wanted));
            if ($area > self::MOST * $pieces[0]->area()) {
                return null;
            }
            $plan = StockCuts::plan($need->wanted, $pieces);
            if ($plan->short() !== []) {
                return null;
            }
            $count += count($plan->cuts);
        }

        return $count > self::MOST ? null : $count;
    }
}
