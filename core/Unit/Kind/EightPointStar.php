<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\IroningBoard;
use Dew\Core\Making\On;
use Dew\Core\Making\Sewing;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Lines;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PressedByKind;
use Dew\Core\Unit\UnitKind;

/**
 * Eight 45° diamonds round a centre, squares in the corners and quarter triangles at the sides, all set in.
 *
 * Of diamonds of side a the star measures a(2 + √2), so a = F(2 − √2)/2. Corner squares finish a, side triangles a√2 on their long edge.
 */
final readonly class EightPointStar implements LibraryUnit, PressedByKind
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'eight-point-star';

    public const SET_IN = 'eight-point-star:set-in';

    public function __construct(
        private Length $finished,
        private Slot $first,
        private Slot $second,
        private Slot $ground,
    ) {
    }

    /** By its diamonds' side. */
    public static function ofDiamonds(Length $side, Slot $first, Slot $second, Slot $ground): self
    {
        return new self($side->times(2)->plus($side->timesRoot2()), $first, $second, $ground);
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [3, 3], [self::SET_IN], isCareful: true);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return new self($spec->finished->width, $spec->slots[0], $spec->slots[1], $spec->slots[2]);
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(self::KIND);
    }

    public function finished(): Size
    {
        return Size::square($this->finished);
    }

    public function slots(): array
    {
        return [$this->first, $this->second, $this->ground];
    }

    public function patches(): array
    {
        [$zero, $side, $middle, $all] = [Length::zero(), $this->side(), $this->finished->dividedBy(2), $this->finished];
        $deep = $side->timesRoot2()->dividedBy(2);
        $at = fn (Length $x, Length $y): Point => new Point($x, $y);
        $centre = $at($middle, $middle);
        $within = Size::square($all);
        $corner = new Patch($this->ground->id, Outline::rectangle($zero, $zero, Size::square($side)));
        $triangle = new Patch($this->ground->id, new Outline($at($side, $zero), $at($all->minus($side), $zero), $at($middle, $deep)));
        $left = new Patch($this->first->id, new Outline($at($side, $zero), $at($middle, $deep), $centre, $at($side, $side)));
        $right = new Patch(
            $this->second->id,
            new Outline($at($all->minus($side), $zero), $at($all->minus($side), $side), $centre, $at($middle, $deep)),
        );
        $patches = [];
        foreach ([0, 90, 180, 270] as $turn) {
            foreach ([$left, $right, $triangle, $corner] as $patch) {
                $patches[] = $patch->oriented(Orientation::of($turn), $within);
            }
        }

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(self::SET_IN)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $seam = $room->seam;
        $side = $this->side();
        $strip = $room->unfinished($side->timesRoot2()->dividedBy(2));
        $square = $room->unfinished($side);
        $triangle = Measurement::up(SquareCut::quarter($side->timesRoot2(), $seam));
        $sewing = ['seam' => $room->allowance()];
        $slots = ['first' => $this->first->id, 'second' => $this->second->id, 'ground' => $this->ground->id];
        // From the raw tip, which stands s·cot 22.5° = s(1 + √2) beyond the finished one, to the mark at the other end.
        $edge = Measurement::exact($side->plus($seam)->plus($seam->timesRoot2()));
        $unfinished = $room->unfinished($this->finished);
        // A strip d too wide makes the diamonds' sides longer by d√2 and moves each point outward by d(1 + √2).
        $beyond = Measurement::resulting($seam, [[Length::inches(-1)->minus(Length::root2(1)), $strip]]);
        $patches = $this->patches();
        $isDiamond = fn (int $patch): bool => $patch % 4 < 2;
        $pairs = On::seams([[0, 1], [4, 5], [8, 9], [12, 13]]);
        $halves = On::seams([[1, 4], [9, 12]]);
        $whole = On::seams([[5, 8], [0, 13]]);
        $setIn = SeamPairs::of($patches, fn (int $one, int $other): bool => ! $isDiamond($one) || ! $isDiamond($other));
        $all = On::pieces('first', 'second', 'corner', 'side');
        $twice = new Lines(cut: [SquareCut::rising($triangle->exact), SquareCut::falling($triangle->exact)]);

        return new Making($method, [
            SlantedUnit::diamond45($side, $this->first)->piece('first', $room, 4),
            SlantedUnit::diamond45($side, $this->second)->piece('second', $room, 4),
            Piece::square('corner', $this->ground->id, $square, new Batch(each: 4)),
            Piece::square('side', $this->ground->id, $triangle, new Batch(4, 4), $twice),
        ], [
            new Step(
                StepKind::Cut,
                'star.cut',
                ['strip' => $strip],
                $slots,
                on: [...On::pieces('first', 'second'), ...On::cutLines('side', 2)],
            ),
            new Step(StepKind::Mark, 'star.mark', $sewing, on: $all),
            new Step(StepKind::Sew, 'star.pairs', $sewing, $slots, sewing: Sewing::StopAndSecure, on: $pairs),
            new Step(StepKind::Check, 'star.check', ['edge' => $edge], $slots, on: $pairs),
            new Step(StepKind::Sew, 'star.halves', slots: $slots, sewing: Sewing::StopAndSecure, on: $halves),
            new Step(StepKind::Sew, 'star.whole', slots: $slots, sewing: Sewing::StopAndSecure, on: $whole),
            new Step(StepKind::Sew, 'star.set_in', slots: $slots, sewing: Sewing::SetIn, on: $setIn),
            new Step(StepKind::Press, 'star.press', on: [...$pairs, ...$halves, ...$whole]),
            new Step(StepKind::Press, 'star.press_set_in', on: $setIn),
            new Step(StepKind::Trim, 'star.trim', ['unfinished' => $unfinished, 'beyond' => $beyond], on: [On::whole()]),
        ]);
    }

    /** The seams between the diamonds all the same way round, so that the middle can be spun flat. */
    public function pressedToward(): array
    {
        $diamonds = array_map(fn (int $number): int => intdiv($number, 2) * 4 + $number % 2, range(0, 7));

        return array_map(fn (int $number): array => [$diamonds[$number], $diamonds[($number + 1) % 8]], range(0, 7));
    }

    public function board(CuttingRoom $room): ?IroningBoard
    {
        return null;
    }

    /** a = F(2 − √2)/2 */
    private function side(): Length
    {
        return $this->finished->minus($this->finished->timesRoot2()->dividedBy(2));
    }
}
