<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Geometry\Seams;
use Dew\Core\Making\Rates;
use Dew\Core\Making\StepKind;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;

/** Seams, their length and an estimate of the time that so many units take. */
final readonly class Effort
{
    /**
     * @param  int  $seams  for all units
     * @param  float  $seamLength  inches, for all units
     */
    public function __construct(
        public int $seams,
        public float $seamLength,
        public int $minutes,
    ) {
    }

    /**
     * @param  int  $seamsEach  one fewer than the parts of a unit
     * @param  float  $lengthEach  inches
     * @param  list<int>  $perStrip  of each piece, how many a strip of the cloth gives; see {@see Piece::perStrip()}
     */
    public static function of(Making $making, int $count, int $seamsEach, float $lengthEach, array $perStrip, Rates $rates): self
    {
        $seconds = $count * ($seamsEach * ($rates->seam + $rates->press) + $lengthEach * $rates->inchOfSeam);
        foreach ($making->pieces as $index => $piece) {
            $quantity = $piece->quantity($count);
            $each = $perStrip[$index] ?? 0;
            $seconds += match (true) {
                $piece->shape === PieceShape::Part => $quantity * $rates->layOut,
                $piece->shape === PieceShape::Strip => $quantity * $rates->strip,
                default => $quantity * $rates->piece + ($each > 0 ? ceil($quantity / $each) * $rates->strip : 0.0),
            };
        }
        foreach ($making->steps as $step) {
            $seconds += match ($step->kind) {
                StepKind::Trim => $count * $rates->trim,
                StepKind::Mark => $making->batches($count) * $rates->mark,
                default => 0.0,
            };
        }

        return new self($count * $seamsEach, $count * $lengthEach, (int) ceil($seconds / 60));
    }
}
