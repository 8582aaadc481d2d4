<?php

declare(strict_types=1);

namespace Tests\MadeUp;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Kind\LibraryUnit;
use Dew\Core\Unit\Kind\SeamPairs;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Kind\UnitSpec;
use Dew\Core\Unit\Kind\WithoutOptions;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;

/** A kind of unit that Dew does not have: a wide step between two rails. This class and its file of words are all there is of it. */
final readonly class Ladder implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'ladder';

    public const BARS = 'ladder:bars';

    public function __construct(
        private Length $side,
        private Slot $rail,
        private Slot $step,
    ) {
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [2, 2], [self::BARS]);
    }

    public static function from(UnitSpec $spec, array $products): Unit
    {
        return new self($spec->finished->width, $spec->slots[0], $spec->slots[1]);
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(self::KIND);
    }

    public function finished(): Size
    {
        return Size::square($this->side);
    }

    public function slots(): array
    {
        return [$this->rail, $this->step];
    }

    public function patches(): array
    {
        $narrow = $this->side->dividedBy(4);
        $bar = fn (Slot $slot, Length $left, Length $width): Patch => new Patch(
            $slot->id, Outline::rectangle($left, Length::zero(), new Size($width, $this->side)),
        );

        return [
            $bar($this->rail, Length::zero(), $narrow),
            $bar($this->step, $narrow, $narrow->times(2)),
            $bar($this->rail, $narrow->times(3), $narrow),
        ];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        $length = $room->unfinished($this->side);
        [$narrow, $wide] = [$room->unfinished($this->side->dividedBy(4)), $room->unfinished($this->side->dividedBy(2))];
        $sewn = Measurement::sewn($length->exact, [$narrow, $wide, $narrow]);
        $seams = SeamPairs::inARow(3);

        return new Making($method, [
            Piece::rectangle('rail', $this->rail->id, $narrow, $length, new Batch(each: 2)),
            Piece::rectangle('step', $this->step->id, $wide, $length),
        ], [
            new Step(StepKind::Sew, 'ladder.bars.sew', ['seam' => $room->allowance()], on: $seams),
            new Step(StepKind::Press, 'ladder.press', on: $seams),
            new Step(StepKind::Trim, 'ladder.trim', ['width' => $sewn, 'unfinished' => $length], on: [On::whole()]),
        ], sewn: [$sewn, $length]);
    }
}
