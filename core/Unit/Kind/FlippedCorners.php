<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\CornerCut;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Lines;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * A square or rectangle with one to four sewn-and-flipped corners, of equal or unequal finished legs. The base is one plain piece, or a
 * unit or block that was made before.
 *
 * A corner of finished leg c is a square of c + 2s laid on the base; the base keeps its size. All are cut exactly: nothing trims them.
 * Squares that would lie over each other on the base are sewn in rounds: each round is trimmed and pressed before the next one is laid on.
 */
final readonly class FlippedCorners implements LibraryUnit
{
    use Patchwork;

    public const KIND = 'corners';

    public const FLIP = 'corners:flip';

    private const PLACES = ['top-left', 'top-right', 'bottom-right', 'bottom-left'];

    /**
     * @param  Slot|Made  $base  the fabric of a plain base, or what was made before
     * @param  non-empty-list<Corner>  $corners  at most one at each place, their finished triangles not overlapping
     *
     * @throws InvalidArgumentException when a corner is given twice or two do not fit beside each other
     */
    public function __construct(
        private Size $finished,
        private Slot|Made $base,
        private array $corners,
    ) {
        $legs = [];
        foreach ($corners as $corner) {
            if (isset($legs[$corner->place->value])) {
                throw new Refused('unit.corner_twice', ['place' => $corner->place->value]);
            }
            $legs[$corner->place->value] = $corner->leg;
        }
        $leg = fn (CornerPlace $place): Length => $legs[$place->value] ?? Length::zero();
        foreach (CornerPlace::cases() as $place) {
            $side = $place->isBeforeWidth() ? $finished->width : $finished->height;
            $across = $place->isBeforeWidth() ? $finished->height : $finished->width;
            if ($leg($place)->plus($leg($place->next()))->isGreaterThan($side) || $leg($place)->isGreaterThan($across)) {
                throw new Refused('unit.corners_overlap', ['place' => $place->value, 'next' => $place->next()->value]);
            }
        }
        if ($base instanceof Made && ! $base->unit->finished()->equals($finished)) {
            $size = $base->unit->finished();

            throw new Refused('unit.base_size', [
                'width' => $finished->width->toDecimal(3),
                'height' => $finished->height->toDecimal(3),
                'base_width' => $size->width->toDecimal(3),
                'base_height' => $size->height->toDecimal(3),
            ]);
        }
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [2, 5], [self::FLIP], null, ['corners', 'base']);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        $base = $spec->options->base;
        $legs = $spec->options->corners;

        return $base === null
            ? new self($spec->finished, $spec->slots[0], self::corners($legs, array_slice($spec->slots, 1)))
            : new self($spec->finished, new Made($base, $products[$base]), self::corners($legs, $spec->slots));
    }

    public static function example(string $kind, Size $size, int $fabrics): UnitOptions
    {
        $legs = [];
        foreach (array_slice(self::PLACES, 0, $fabrics - 1) as $index => $place) {
            $legs[$place] = $size->height->times($index % 2 === 0 ? 1 : 2, 4);
        }

        return UnitOptions::corners($legs);
    }

    public static function usual(string $kind, Size $size, array $fabrics): array
    {
        $short = $size->width->isLessThan($size->height) ? $size->width : $size->height;

        return ['corners' => array_map(
            fn (string $at): array => ['at' => $at, 'leg' => LengthText::of($short->dividedBy(4))],
            array_slice(self::PLACES, 0, count($fabrics) === 2 ? 4 : count($fabrics) - 1),
        )];
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(self::KIND);
    }

    public function finished(): Size
    {
        return $this->finished;
    }

    public function slots(): array
    {
        $base = $this->base instanceof Made ? $this->base->unit->slots() : [$this->base];

        return [...$base, ...array_map(fn (Corner $corner): Slot => $corner->slot, $this->corners)];
    }

    public function contents(): array
    {
        return $this->base instanceof Made ? [$this->base->product => 1] : [];
    }

    /** The base first, in one patch or in those of what was made before, then the corners in their order. */
    public function patches(): array
    {
        return [
            ...($this->base instanceof Made ? $this->cutBase($this->base->unit) : [$this->plainBase($this->base)]),
            ...$this->cornerPatches(),
        ];
    }

    /** Of a base made before, only the corners are sewn here; its own seams belong to it. */
    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(self::FLIP)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        [$width, $height] = [$room->unfinished($this->finished->width), $room->unfinished($this->finished->height)];
        $base = $this->base instanceof Made
            ? Piece::part($this->base->product, $this->baseSlots(), $height, $width)
            : Piece::rectangle('base', $this->base->id, $height, $width);
        [$piles, $pileOf] = $this->piles($room);
        $steps = array_map(fn (Piece $pile): Step => new Step(
            StepKind::Mark, 'corners.mark', slots: ['corner' => $pile->slots[0]], on: [On::piece($pile->id), On::sewLine($pile->id, 0)],
        ), $piles);
        $rounds = $this->rounds($room);
        foreach ($rounds as $round => $corners) {
            array_push($steps, ...$this->round($corners, $base->id, $pileOf, count($rounds) > 1 ? $round + 1 : null, $room));
        }
        $steps[] = new Step(StepKind::Check, 'corners.measure', ['width' => $width, 'height' => $height], on: [On::whole()]);

        return new Making($method, [$base, ...$piles], $steps, sewn: [$width, $height]);
    }

    /**
     * @param  list<int>  $corners  numbers of the corners sewn in this round
     * @param  array<int, string>  $pileOf  ids of the piles the corners come from
     * @return list<Step>
     */
    private function round(array $corners, string $base, array $pileOf, ?int $number, CuttingRoom $room): array
    {
        $first = count($this->patches()) - count($this->corners);
        $places = array_map(fn (int $corner): On => On::corner($this->corners[$corner]->place->value), $corners);
        $pieces = On::pieces(...array_values(array_unique(array_map(fn (int $corner): string => $pileOf[$corner], $corners))));
        $lines = array_map(fn (On $piece): On => On::sewLine($piece->of, 0), $pieces);
        $seams = SeamPairs::of(
            $this->patches(),
            fn (int $one, int $other): bool => $one < $first && in_array($other - $first, $corners, true),
        );
        $slots = $this->base instanceof Slot ? ['base' => $this->base->id] : [];
        $sewn = [...$pieces, On::piece($base), ...$lines, ...$places, ...$seams];
        $toward = array_map(fn (int $corner): On => On::toward($first + $corner), $corners);

        return [
            match (true) {
                $number === null && $slots === [] => new Step(StepKind::Sew, 'corners.sew_made', on: $sewn),
                $number === null => new Step(StepKind::Sew, 'corners.sew', slots: $slots, on: $sewn),
                default => new Step(StepKind::Sew, 'corners.sew_round', slots: $slots, counts: ['round' => $number], on: $sewn),
            },
            new Step(StepKind::Check, 'corners.check', on: $pieces),
            new Step(StepKind::Cut, 'corners.cut', ['seam' => $room->allowance()], on: $seams),
            new Step(StepKind::Press, 'corners.press', on: [...$seams, ...$toward]),
        ];
    }

    /**
     * Squares of one size and fabric are one pile, whichever corner they go to.
     *
     * @return array{list<Piece>, array<int, string>} the piles, and the id of the pile each corner comes from
     */
    private function piles(CuttingRoom $room): array
    {
        $same = [];
        foreach ($this->corners as $number => $corner) {
            $same[$corner->slot->id.' '.$corner->leg->encode()][] = $number;
        }
        $piles = $pileOf = [];
        foreach ($same as $numbers) {
            $corner = $this->corners[$numbers[0]];
            $square = $room->unfinished($corner->leg);
            $lines = new Lines([SquareCut::rising($square->exact)]);
            $id = 'corner-'.$corner->place->value;
            $piles[] = Piece::square($id, $corner->slot->id, $square, new Batch(each: max(1, count($numbers))), $lines);
            foreach ($numbers as $number) {
                $pileOf[$number] = $id;
            }
        }

        return [$piles, $pileOf];
    }

    /**
     * Corners in the order they are sewn: those of one round do not lie over each other on the base.
     *
     * @return list<list<int>>
     */
    private function rounds(CuttingRoom $room): array
    {
        $rounds = [];
        foreach (array_keys($this->corners) as $number) {
            $round = 0;
            while (isset($rounds[$round]) && array_filter(
                $rounds[$round],
                fn (int $other): bool => $this->overlap($number, $other, $room),
            ) !== []) {
                $round++;
            }
            $rounds[$round][] = $number;
        }

        return array_values($rounds);
    }

    /** Two squares overlap when they are together longer than the base on both sides along which they face each other. */
    private function overlap(int $one, int $other, CuttingRoom $room): bool
    {
        [$first, $second] = [$this->corners[$one], $this->corners[$other]];
        $together = $first->leg->plus($second->leg)->plus($room->seam->times(2));
        $besideEachOther = $first->place->isLeft() !== $second->place->isLeft() && ! $together->isGreaterThan($this->finished->width);
        $belowEachOther = $first->place->isTop() !== $second->place->isTop() && ! $together->isGreaterThan($this->finished->height);

        return ! $besideEachOther && ! $belowEachOther;
    }

    /** @return non-empty-list<string> */
    private function baseSlots(): array
    {
        $ids = array_map(fn (Slot $slot): string => $slot->id, $this->base instanceof Made ? $this->base->unit->slots() : [$this->base]);

        return $ids === [] ? throw new Refused('unit.base_fabrics') : array_values(array_unique($ids));
    }

    private function plainBase(Slot $slot): Patch
    {
        $legs = [];
        foreach ($this->corners as $corner) {
            $legs[$corner->place->value] = $corner->leg;
        }
        $outline = [];
        foreach (CornerPlace::cases() as $place) {
            [$before, $at, $after] = $this->around($place, $legs[$place->value] ?? Length::zero());
            array_push($outline, ...(isset($legs[$place->value]) ? [$before, $after] : [$at]));
        }

        return new Patch($slot->id, new Outline(...$outline));
    }

    /** @return list<Patch> what the corners leave of the patches of a unit or block */
    private function cutBase(Unit $unit): array
    {
        $left = $unit->patches();
        foreach ($this->corners as $corner) {
            $still = [];
            foreach ($left as $patch) {
                $outline = CornerCut::beyond($patch->outline, $corner->place->quarterTurns(), $corner->leg, $this->finished);
                if ($outline !== null) {
                    $still[] = new Patch($patch->slot, $outline);
                }
            }
            $left = $still;
        }

        return $left;
    }

    /** @return list<Patch> */
    private function cornerPatches(): array
    {
        return array_map(
            fn (Corner $corner): Patch => new Patch($corner->slot->id, new Outline(...$this->around($corner->place, $corner->leg))),
            $this->corners,
        );
    }

    /** @return array{Point, Point, Point} the corner and the points a leg before and after it, clockwise */
    private function around(CornerPlace $place, Length $leg): array
    {
        $zero = Length::zero();
        [$width, $height] = [$this->finished->width, $this->finished->height];
        [$farX, $farY] = [$width->minus($leg), $height->minus($leg)];

        return match ($place) {
            CornerPlace::TopLeft => [new Point($zero, $leg), new Point($zero, $zero), new Point($leg, $zero)],
            CornerPlace::TopRight => [new Point($farX, $zero), new Point($width, $zero), new Point($width, $leg)],
            CornerPlace::BottomRight => [new Point($width, $farY), new Point($width, $height), new Point($farX, $height)],
            CornerPlace::BottomLeft => [new Point($leg, $height), new Point($zero, $height), new Point($zero, $farY)],
        };
    }

    /**
     * @param  array<string, Length>  $legs
     * @param  list<Slot>  $slots  one for all, or one for each
     * @return non-empty-list<Corner>
     */
    private static function corners(array $legs, array $slots): array
    {
        if (count($slots) !== 1 && count($slots) !== count($legs)) {
            throw new Refused('unit.corner_fabrics', ['legs' => count($legs), 'slots' => count($slots)]);
        }
        $corners = [];
        foreach ($legs as $place => $leg) {
            $where = CornerPlace::tryFrom($place) ?? throw new Refused('unit.no_corner', ['place' => $place]);
            $corners[] = new Corner($where, $leg, $slots[count($corners)] ?? $slots[0]);
        }

        return $corners === [] ? throw new Refused('unit.no_corners') : $corners;
    }
}
