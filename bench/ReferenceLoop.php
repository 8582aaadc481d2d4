<?php

declare(strict_types=1);

namespace Dew\Bench;

/** A fixed loop of plain PHP, which tells how fast the machine is at this moment: figures of another moment compare by it. */
final class ReferenceLoop
{
    /** The best of five runs. */
    public static function milliseconds(): float
    {
        $best = INF;
        for ($run = 0; $run < 5; $run++) {
            $begun = hrtime(true);
            $sum = 0;
            for ($number = 1; $number <= 1_000_000; $number++) {
                $sum = ($sum * 31 + $number % 97) % 1_000_003;
            }
            $best = min($best, (hrtime(true) - $begun) / 1e6 + ($sum < 0 ? 1 : 0));
        }

        return $best;
    }
}
