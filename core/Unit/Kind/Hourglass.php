<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Rounding;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Lines;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;

/**
 * Four quarter triangles meeting in the middle: a quarter-square triangle unit of two, three or four fabrics.
 *
 * Two fabrics: top and bottom, then the sides. Three: top, sides, bottom. Four: top, right, bottom, left.
 */
final readonly class Hourglass implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'hourglass';

    public const SQUARES = 'hourglass:squares';

    public const TRIANGLES = 'hourglass:triangles';

    public const STRIP = 'hourglass:strip';

    public const STRIP_SHORT = 'hourglass:strip-short';

    /** Patches 0 to 3 lie at the top, right, bottom and left: these are sewn first, in pairs. */
    private const PAIRS = [[0, 1], [2, 3]];

    /** The long seam through the middle. */
    private const LAST = [[1, 2], [0, 3]];

    /** @param  non-empty-list<Slot>  $slots  two to four */
    public function __construct(
        private Length $side,
        private array $slots,
    ) {
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind(
            $kind, [2, 4], [self::SQUARES, self::TRIANGLES, self::STRIP, self::STRIP_SHORT], trimsDown: true, slanted: [self::TRIANGLES],
        );
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return new self($spec->finished->width, $spec->slots());
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
        return $this->slots;
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $half = $this->side->dividedBy(2);
        $middle = new Point($half, $half);
        $corners = [
            new Point($zero, $zero), new Point($this->side, $zero), new Point($this->side, $this->side), new Point($zero, $this->side),
        ];
        $patches = [];
        foreach ($this->quarters() as $index => $slot) {
            $patches[] = new Patch($slot->id, new Outline($corners[$index], $corners[($index + 1) % 4], $middle));
        }

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        return match ($method->value) {
            // With four fabrics, half of the units from squares would come out mirrored: those are made from triangles.
            self::SQUARES => count($this->slots) === 4 ? $this->fromTriangles($room) : $this->fromSquares($room),
            self::TRIANGLES => $this->fromTriangles($room),
            self::STRIP, self::STRIP_SHORT => $this->fromStrips($method, $room),
            default => throw new Refused('unit.not_made_by', ['method' => $method->value]),
        };
    }

    /** Pairs of squares make half-square triangles; two of those, layered and cut again, make two units. */
    private function fromSquares(CuttingRoom $room): Making
    {
        $square = SquareCut::quarter($this->side, $room->seam);
        $cut = Measurement::up($square);
        $lines = new Lines(SquareCut::besideRising($square, $room->seam), [SquareCut::rising($square)]);
        $together = count($this->slots) === 2 ? 2 : 4;
        $pieces = $this->pieces(fn (string $id, string $slot, int $quarters): Piece => Piece::square(
            $id, $slot, $cut, new Batch($together, each: max(1, intdiv($quarters * $together, 4))), $lines,
        ));
        $seam = ['seam' => $room->allowance()];
        $marked = $pieces[0]->id;
        $pairs = On::seams(self::PAIRS);
        $first = [On::piece($marked), On::cutLine($marked, 0)];

        return new Making(new Method(self::SQUARES), $pieces, [
            new Step(StepKind::Mark, 'hourglass.squares.mark', slots: ['first' => $this->slots[0]->id], on: $first),
            new Step(StepKind::Sew, 'hourglass.squares.sew', $seam, on: [...On::sewLines($marked, 2), ...$pairs]),
            new Step(StepKind::Cut, 'hourglass.squares.cut', on: [On::cutLine($marked, 0)]),
            new Step(StepKind::Press, 'hourglass.squares.press', slots: ['dark' => $this->darkest()->id], on: $pairs),
            new Step(StepKind::Layer, 'hourglass.squares.layer', on: $pairs),
            new Step(StepKind::Sew, 'hourglass.squares.sew_again', $seam, on: On::seams(self::LAST)),
            ...$this->finish($room, $cut),
        ]);
    }

    /** Squares cut twice corner to corner, so that the straight grain lies outside. */
    private function fromTriangles(CuttingRoom $room): Making
    {
        $square = SquareCut::quarter($this->side, $room->seam);
        $cut = Measurement::up($square);
        $lines = new Lines(cut: [SquareCut::rising($square), SquareCut::falling($square)]);
        $pieces = $this->pieces(
            fn (string $id, string $slot, int $quarters): Piece => Piece::square($id, $slot, $cut, new Batch(4, $quarters), $lines),
        );
        $cuts = array_merge(...array_map(fn (Piece $piece): array => On::cutLines($piece->id, 2), $pieces));

        return new Making(new Method(self::TRIANGLES), $pieces, [
            new Step(StepKind::Cut, 'hourglass.triangles.cut', on: $cuts),
            ...$this->sewTriangles($room),
            ...$this->finish($room, $cut),
        ]);
    }

    /** Triangles cut from strips with a triangle ruler: the long side on the edge of the strip, or a short side across it. */
    private function fromStrips(Method $method, CuttingRoom $room): Making
    {
        $short = $method->is(self::STRIP_SHORT);
        // Of a quarter with a long side F the short sides are F/√2.
        $side = $this->side->timesRoot2()->dividedBy(2);
        $pieces = $this->pieces(fn (string $id, string $slot, int $quarters): Piece => $short
            ? TriangleStrip::shortAcross($id, $slot, $side, $room, $quarters)
            : TriangleStrip::longOnEdge($id, $slot, $this->side, $room, $quarters));
        $all = array_map(fn (Piece $piece): On => On::piece($piece->id), $pieces);
        $strip = ['strip' => $pieces[0]->width];

        return new Making($method, $pieces, [
            $short
                ? new Step(StepKind::Cut, 'hourglass.strip.short', $strip, on: $all)
                : new Step(StepKind::Cut, 'hourglass.strip.long', $strip, on: $all),
            ...$this->sewTriangles($room),
            ...$this->finish($room),
        ], $short ? 4 : 0);
    }

    /** @return list<Step> */
    private function sewTriangles(CuttingRoom $room): array
    {
        $pairs = On::seams(self::PAIRS);
        $seam = ['seam' => $room->allowance()];

        return [
            new Step(StepKind::Layer, 'hourglass.triangles.layer', on: $pairs),
            new Step(StepKind::Sew, 'hourglass.triangles.sew', $seam, on: $pairs),
            new Step(StepKind::Press, 'hourglass.triangles.press', on: $pairs),
            new Step(StepKind::Sew, 'hourglass.triangles.join', $seam, on: On::seams(self::LAST)),
        ];
    }

    /**
     * One piece for each fabric, with the number of quarters it has in a unit.
     *
     * @param  callable(string, string, positive-int): Piece  $make
     * @return non-empty-list<Piece>
     */
    private function pieces(callable $make): array
    {
        $pieces = [];
        foreach (array_count_values(array_map(fn (Slot $slot): string => $slot->id, $this->quarters())) as $slot => $quarters) {
            $pieces[] = $make('square-'.(count($pieces) + 1), (string) $slot, max(1, $quarters));
        }

        return $pieces === [] ? throw new Refused('unit.hourglass_fabrics') : $pieces;
    }

    /** @return list<Step> */
    private function finish(CuttingRoom $room, ?Measurement $cut = null): array
    {
        $unfinished = $room->unfinished($this->side);
        $before = $cut === null ? [] : [
            'before' => Measurement::resulting($unfinished->exact, [[Length::inches(1), $cut]], Rounding::None),
        ];

        return [
            new Step(StepKind::Press, 'hourglass.spin', on: On::seams(self::LAST)),
            new Step(
                StepKind::Trim,
                'hourglass.trim',
                ['unfinished' => $unfinished, ...$before],
                on: [On::whole(), ...On::seams(self::PAIRS)],
            ),
        ];
    }

    /** @return list<Slot> top, right, bottom, left */
    private function quarters(): array
    {
        $slots = $this->slots;
        $second = $slots[1] ?? $slots[0];

        return match (count($slots)) {
            4 => $slots,
            3 => [$slots[0], $second, $slots[2], $second],
            default => [$slots[0], $second, $slots[0], $second],
        };
    }

    private function darkest(): Slot
    {
        $darker = fn (Slot $dark, Slot $slot): Slot => $slot->value->isDarkerThan($dark->value) ? $slot : $dark;

        return array_reduce($this->slots, $darker, $this->slots[0]);
    }
}
