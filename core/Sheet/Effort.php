<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Making\Rates;
use Dew\Core\Making\StepKind;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Seamwork;

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
     * @param  Seamwork  $seamwork  of one unit
     * @param  array<string, int>  $perStrip  how many of each piece come out of one strip of the cloth, by piece id: see {@see
     *     Making::perStrip()}
     */
    public static function of(Making $making, int $count, Seamwork $seamwork, array $perStrip, Rates $rates): self
    {
        $seconds = $count * ($seamwork->seams * ($rates->seam + $rates->press) + $seamwork->length * $rates->inchOfSeam);
        foreach ($making->pieces as $piece) {
            $quantity = $piece->quantity($count);
            $each = $perStrip[$piece->id] ?? 0;
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

        return new self($count * $seamwork->seams, $count * $seamwork->length, (int) ceil($seconds / 60));
    }

    /** @return array{seams: int, length: float, minutes: int} plain data; see {@see fromData()} */
    public function toData(): array
    {
        return ['seams' => $this->seams, 'length' => round($this->seamLength, 4), 'minutes' => $this->minutes];
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return new self($data->get('seams')->count(), $data->get('length')->number(), $data->get('minutes')->count());
    }
}
