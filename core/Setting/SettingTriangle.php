<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Kind\PutTogether;
use Dew\Core\Unit\Kind\SquareCut;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Lines;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;

/**
 * What fills the edge of an on-point setting of blocks of side B. Side triangles have a long edge of B√2 and are quarters of a square,
 * corner triangles have a long edge of B and are halves of one: so that the straight grain runs along the outside of the quilt.
 */
final readonly class SettingTriangle implements Unit
{
    use Patchwork;

    private function __construct(
        private Length $block,
        private Slot $slot,
        private bool $corner,
    ) {
    }

    /** @param  Length  $block  finished side of the blocks */
    public static function side(Length $block, Slot $slot): self
    {
        return new self($block, $slot, false);
    }

    public static function corner(Length $block, Slot $slot): self
    {
        return new self($block, $slot, true);
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(PutTogether::SETTING_TRIANGLE);
    }

    /** @throws MeasureException when the block's side holds √3 */
    public function finished(): Size
    {
        $half = $this->block->timesRoot2()->dividedBy(2);

        return new Size($this->corner ? $half : $half->times(2), $half);
    }

    public function slots(): array
    {
        return [$this->slot];
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $size = $this->finished();

        return [new Patch($this->slot->id, $this->corner
            ? new Outline(new Point($zero, $zero), new Point($size->width, $zero), new Point($zero, $size->height))
            : new Outline(new Point($zero, $zero), new Point($size->width, $zero), new Point($size->height, $size->height)))];
    }

    public function outline(): Outline
    {
        return $this->patches()[0]->outline;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(PutTogether::SETTING_TRIANGLE_SQUARES)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $square = $this->corner
            ? SquareCut::half($this->block->timesRoot2()->dividedBy(2), $room->seam)
            : SquareCut::quarter($this->block->timesRoot2(), $room->seam);
        $cut = Measurement::up($square);
        $lines = $this->corner ? [SquareCut::rising($square)] : [SquareCut::rising($square), SquareCut::falling($square)];

        $cuts = On::cutLines('square', count($lines));
        $batch = new Batch($this->corner ? 2 : 4);

        return new Making($method, [Piece::square('square', $this->slot->id, $cut, $batch, new Lines(cut: $lines))], [
            $this->corner
                ? new Step(StepKind::Cut, 'setting_triangle.corner', ['square' => $cut], on: $cuts)
                : new Step(StepKind::Cut, 'setting_triangle.side', ['square' => $cut], on: $cuts),
        ]);
    }
}
