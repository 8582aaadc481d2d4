<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\IroningBoard;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PressedByKind;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * A nine-patch cut through the middle both ways, its quarters turned and sewn together again.
 *
 * Cutting an unfinished block into 2 × 2 and sewing it again takes 2s off its side, so the nine-patch's squares finish (F + 2s)/3 and
 * what is left of its middle ones depends on the seam. The cuts are measured from a seam, not from the edge.
 */
final readonly class TurnedNinePatch implements LibraryUnit, PressedByKind
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'turned-nine-patch';

    public const CUT = 'turned-nine-patch:cut';

    /** The quarters at the top right and the bottom left turned half round. */
    private const USUAL_TURNS = [0, 2, 2, 0];

    /**
     * @param  Length  $seam  what each cut edge loses when it is sewn again
     * @param  list<int>  $turns  quarter turns of the four quarters, row by row; empty for the usual ones
     *
     * @throws InvalidArgumentException when the quarters are too small to be sewn, or four turns are not given
     */
    public function __construct(
        private Length $side,
        private Slot $corner,
        private Slot $edge,
        private Slot $middle,
        private Length $seam,
        private array $turns = [],
    ) {
        if ($turns !== [] && count($turns) !== 4) {
            throw new Refused('unit.four_turns', ['turns' => count($turns)]);
        }
        if (! $this->cutOff()->isPositive()) {
            throw new Refused('unit.nothing_left');
        }
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [3, 3], [self::CUT], options: ['turns']);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return new self(
            $spec->finished->width, $spec->slots[0], $spec->slots[1], $spec->slots[2],
            $spec->options->seam ?? CuttingRoom::usual()->seam, $spec->options->turns,
        );
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
        return [$this->corner, $this->edge, $this->middle];
    }

    public function patches(): array
    {
        [$zero, $half, $square, $rest] = [Length::zero(), $this->side->dividedBy(2), $this->square(), $this->cutOff()];
        $quarter = [
            new Patch($this->corner->id, Outline::rectangle($zero, $zero, Size::square($square))),
            new Patch($this->edge->id, Outline::rectangle($square, $zero, new Size($rest, $square))),
            new Patch($this->edge->id, Outline::rectangle($zero, $square, new Size($square, $rest))),
            new Patch($this->middle->id, Outline::rectangle($square, $square, Size::square($rest))),
        ];
        $patches = [];
        $turns = $this->turns === [] ? self::USUAL_TURNS : $this->turns;
        // Before any turning the corner square of each quarter lies outside.
        foreach ([[0, $zero, $zero], [1, $half, $zero], [3, $zero, $half], [2, $half, $half]] as $place => [$lies, $left, $top]) {
            foreach ($quarter as $patch) {
                $patches[] = $patch->oriented(Orientation::of(90 * ($lies + $turns[$place])), Size::square($half))->movedBy($left, $top);
            }
        }

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(self::CUT)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $cut = $room->unfinished($this->square());
        $batch = new Batch(each: 4);
        $slots = ['corner' => $this->corner->id, 'edge' => $this->edge->id, 'middle' => $this->middle->id];
        $whole = Measurement::sewn($room->unfinished($this->square()->times(3))->exact, [$cut, $cut, $cut]);
        // From the seam of a middle square that comes out as much larger as it was cut.
        $from = Measurement::resulting($this->square()->dividedBy(2), [[Length::fraction(1, 2), $cut]]);
        $sewn = Measurement::sewn($room->unfinished($this->side)->exact, [$cut, $cut, $cut]);
        // Four patches to a quarter: within one they were sewn in the nine-patch; quarters side by side are sewn again,
        // then one pair below the other.
        $rows = $between = [];
        foreach (self::nineSeams() as [$number, , , $one, $other]) {
            $number < 6 ? $rows[] = On::seam($one, $other) : $between[] = On::seam($one, $other);
        }
        $lies = fn (int $side): callable => fn (int $one, int $other): bool => intdiv($other, 4) - intdiv($one, 4) === $side;
        [$beside, $below] = [SeamPairs::of($this->patches(), $lies(1)), SeamPairs::of($this->patches(), $lies(2))];
        $seam = ['seam' => $room->allowance()];

        return new Making($method, [
            Piece::square('corner', $this->corner->id, $cut, $batch),
            Piece::square('edge', $this->edge->id, $cut, $batch),
            Piece::square('middle', $this->middle->id, $cut),
        ], [
            new Step(StepKind::Sew, 'turned_nine_patch.rows', $seam, $slots, on: $rows),
            new Step(StepKind::Press, 'turned_nine_patch.press', on: $rows),
            new Step(StepKind::Sew, 'turned_nine_patch.join', $seam, on: $between),
            new Step(StepKind::Press, 'turned_nine_patch.press_joined', on: $between),
            new Step(StepKind::Check, 'turned_nine_patch.check', ['unfinished' => $whole], on: [On::whole()]),
            new Step(StepKind::Cut, 'turned_nine_patch.cut', ['from' => $from], $slots, on: [On::piece('middle')]),
            new Step(StepKind::Layer, 'turned_nine_patch.turn', on: [...$beside, ...$below]),
            new Step(StepKind::Sew, 'turned_nine_patch.sew_again', $seam, on: $beside),
            new Step(StepKind::Press, 'turned_nine_patch.press_again', on: $beside),
            new Step(StepKind::Sew, 'turned_nine_patch.join_again', $seam, on: $below),
            new Step(StepKind::Press, 'turned_nine_patch.press_joined_again', on: $below),
            new Step(StepKind::Trim, 'turned_nine_patch.trim', ['unfinished' => $sewn], on: [On::whole()]),
        ], sewn: [$sewn, $sewn]);
    }

    public function pressedToward(): array
    {
        return [];
    }

    /** The nine-patch before it is cut in four. */
    public function board(CuttingRoom $room): IroningBoard
    {
        $square = $this->square();
        $patches = [];
        foreach ([0, 1, 2, 3, 4, 5, 6, 7, 8] as $number) {
            $slot = match (true) {
                $number === 4 => $this->middle,
                $number % 2 === 0 => $this->corner,
                default => $this->edge,
            };
            $patches[] = new Patch($slot->id, Outline::rectangle(
                $square->times($number % 3), $square->times(intdiv($number, 3)), Size::square($square),
            ));
        }

        return new IroningBoard($patches, self::nineSeams());
    }

    /**
     * The seams of the nine-patch, first the six within its rows, then the two between them, and the patches of the quarters on their sides:
     * see {@see IroningBoard}. Each quarter has the corner square, the edge squares beside and below it as the corner lies at the top left,
     * and the middle.
     *
     * @return list<array{int, int, int, int, int}>
     */
    private static function nineSeams(): array
    {
        $seams = [];
        // The squares of the nine-patch, in this order, in the quarters at the top left, top right, bottom left and bottom right.
        foreach ([[0, 1, 3, 4], [2, 5, 1, 4], [6, 3, 7, 4], [8, 7, 5, 4]] as $quarter => $squares) {
            foreach ([[0, 1], [0, 2], [1, 3], [2, 3]] as [$one, $other]) {
                [$first, $second] = $squares[$one] < $squares[$other] ? [$one, $other] : [$other, $one];
                [$before, $after] = [$squares[$first], $squares[$second]];
                $seams[] = [
                    $after === $before + 1 ? intdiv($before, 3) * 2 + $before % 3 : 6 + intdiv($before, 3), $before, $after,
                    4 * $quarter + $first, 4 * $quarter + $second,
                ];
            }
        }

        return $seams;
    }

    /** Finished side of one square of the nine-patch. */
    private function square(): Length
    {
        return $this->side->plus($this->seam->times(2))->dividedBy(3);
    }

    /** What is left to see of a middle square in one quarter. */
    private function cutOff(): Length
    {
        return $this->square()->dividedBy(2)->minus($this->seam);
    }
}
