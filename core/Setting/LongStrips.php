<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * Strips longer than the cloth is wide, joined end to end and then cut to length: a border, or sashing between rows.
 *
 * Of strips of cut width w, each diagonal join costs w of length and each straight one 2s: ⌈(L − w)/(usable − w)⌉ and
 * ⌈(L − 2s)/(usable − 2s)⌉ strips for a total cut length L.
 */
final readonly class LongStrips implements Unit
{
    /**
     * @param  Length  $width  finished
     * @param  non-empty-list<array{Length, int}>  $lengths  finished lengths, and how many of each
     * @param  list<Patch>  $patches  where they lie in the quilt
     * @param  Size  $around  finished size of what they lie in
     * @param  bool  $isBorder  else sashing between rows
     */
    public function __construct(
        private Slot $slot,
        private Length $width,
        private array $lengths,
        private array $patches,
        private Size $around,
        private bool $isBorder,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitKind::LongStrips;
    }

    public function finished(): Size
    {
        return $this->around;
    }

    public function slots(): array
    {
        return [$this->slot];
    }

    public function patches(): array
    {
        return $this->patches;
    }

    /** Total length to cut, allowances included. */
    public function totalLength(CuttingRoom $room): Length
    {
        return Length::sum(array_map(fn (array $length): Length => $length[0]->plus($room->seam->times(2))->times($length[1]), $this->lengths));
    }

    /** @throws InvalidArgumentException when a strip is wider than the cloth */
    public function making(Method $method, CuttingRoom $room): Making
    {
        $cut = $this->width->plus($room->seam->times(2));
        $cost = match ($method) {
            Method::LongStripsDiagonal => $cut,
            Method::LongStripsStraight => $room->seam->times(2),
            default => throw new InvalidArgumentException(sprintf('Long strips are not made by "%s".', $method->value)),
        };
        $each = $room->usableWidth->minus($cost);
        if (! $each->isPositive()) {
            throw new InvalidArgumentException('A strip of this width cannot be joined across the cloth.');
        }
        $wanted = $this->totalLength($room)->minus($cost);
        $strips = $wanted->countOf($each);
        $strips += $each->times($strips)->equals($wanted) ? 0 : 1;
        $width = Measurement::exact($cut);
        $seam = ['seam' => Measurement::setting($room->seam)];
        $steps = [$method === Method::LongStripsDiagonal ? new Step(StepKind::Sew, 'long_strips.diagonal', $seam) : new Step(StepKind::Sew, 'long_strips.straight', $seam)];
        foreach ($this->lengths as [$length, $count]) {
            $measures = ['length' => Measurement::exact($length->plus($room->seam->times(2)))];
            $steps[] = $this->isBorder ? new Step(StepKind::Cut, 'long_strips.border', $measures, counts: ['count' => $count]) : new Step(StepKind::Cut, 'long_strips.sashing', $measures, counts: ['count' => $count]);
        }

        return Making::of($method, [new Piece('strips', PieceShape::Strip, [$this->slot->id], $width, null, each: max(1, $strips))], [
            ...$steps,
            $this->isBorder ? new Step(StepKind::Check, 'long_strips.border_check') : new Step(StepKind::Check, 'long_strips.sashing_check'),
        ], $room);
    }
}
