<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Seamwork;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * Strips longer than the cloth is wide, joined end to end and then cut to length: a border, or sashing between rows.
 *
 * Of strips of cut width w, each diagonal join costs w of length and each straight one 2s: ⌈(L − w)/(usable − w)⌉ and ⌈(L − 2s)/(usable −
 * 2s)⌉ strips for a total cut length L.
 */
final readonly class LongStrips implements Unit
{
    use Patchwork;

    /**
     * @param  Length  $width  finished
     * @param  non-empty-list<array{Length, int}>  $lengths  finished lengths, and how many of each
     * @param  list<Patch>  $patches  where they lie in the quilt
     * @param  Size  $around  finished size of what they lie in
     * @param  bool  $isBorder  else sashing between rows
     * @param  bool  $mitred  a border whose strips meet in the corners on a slant
     */
    public function __construct(
        private Slot $slot,
        private Length $width,
        private array $lengths,
        private array $patches,
        private Size $around,
        private bool $isBorder,
        private bool $mitred = false,
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
        return Length::sum(
            array_map(fn (array $length): Length => $length[0]->plus($room->seam->times(2))->times($length[1]), $this->lengths),
        );
    }

    /** @throws InvalidArgumentException when a strip is wider than the cloth */
    public function making(Method $method, CuttingRoom $room): Making
    {
        $width = $room->unfinished($this->width);
        $cost = match ($method) {
            Method::LongStripsDiagonal => $width->exact,
            Method::LongStripsStraight => $room->seam->times(2),
            default => throw new InvalidArgumentException(sprintf('Long strips are not made by "%s".', $method->value)),
        };
        $each = $room->usableWidth->minus($cost);
        if (! $each->isPositive()) {
            throw new InvalidArgumentException(
                'A strip of this width cannot be joined across the cloth; use wider cloth or a narrower strip.',
            );
        }
        $wanted = $this->totalLength($room)->minus($cost);
        $strips = $wanted->countOf($each);
        $strips += $each->times($strips)->equals($wanted) ? 0 : 1;
        $seam = ['seam' => $room->allowance()];
        $on = [On::piece('strips')];
        $steps = [
            $method === Method::LongStripsDiagonal
                ? new Step(StepKind::Sew, 'long_strips.diagonal', $seam, on: $on)
                : new Step(StepKind::Sew, 'long_strips.straight', $seam, on: $on),
            new Step(StepKind::Press, 'long_strips.press', on: $on),
        ];
        foreach ($this->lengths as [$length, $count]) {
            $measures = ['length' => $room->unfinished($length)];
            $steps[] = $this->isBorder
                ? new Step(StepKind::Cut, 'long_strips.border', $measures, counts: ['count' => $count], on: $on)
                : new Step(StepKind::Cut, 'long_strips.sashing', $measures, counts: ['count' => $count], on: $on);
        }
        if ($this->mitred) {
            $steps[] = new Step(StepKind::Sew, 'long_strips.mitre_sides', $seam, on: $on);
            $steps[] = new Step(StepKind::Sew, 'long_strips.mitre_corners', on: $on);
        }
        $steps[] = $this->isBorder
            ? new Step(StepKind::Check, 'long_strips.border_check', on: $on)
            : new Step(StepKind::Check, 'long_strips.sashing_check', on: $on);

        return new Making($method, [Piece::strip('strips', $this->slot->id, $width, new Batch(each: max(1, $strips)))], $steps);
    }

    /** Their joins depend on the cloth, so no seam is counted. */
    public function seamwork(): Seamwork
    {
        return Seamwork::none();
    }

    /** What is cut off at the joins depends on the cloth, so there is no area to compare with. */
    public function cutArea(CuttingRoom $room): float
    {
        return INF;
    }

    public function overhangs(CuttingRoom $room): array
    {
        return [];
    }
}
