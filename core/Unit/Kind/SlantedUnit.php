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
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Lay;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\UnitKind;

/**
 * A parallelogram cut from a strip, leaning to the right at the top: a 60° or 45° diamond, or a 45° parallelogram of unequal sides.
 *
 * The sharp tip of a diamond of angle θ reaches s·cot(θ/2) beyond the finished corner along either edge, the wide corner of the next one
 * s·tan(θ/2): cut off by the difference, 2s·cot θ, the edges meet exactly.
 *
 * The strip is h + 2s wide. Along it a piece of finished base b takes b + 2s/sin α (b + 2s√2 at 45°, b + 4s/√3 at 60°), and the first one
 * the slant of the strip's end besides.
 */
final readonly class SlantedUnit implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const DIAMOND_45 = 'diamond-45';

    public const PARALLELOGRAM_45 = 'parallelogram-45';

    public const DIAMOND_60 = 'diamond-60';

    public const DIAMOND_45_STRIP = 'diamond-45:strip';

    public const PARALLELOGRAM_45_STRIP = 'parallelogram-45:strip';

    public const DIAMOND_60_STRIP = 'diamond-60:strip';

    public const DIAMOND_45_BLUNT = 'diamond-45:blunt';

    public const DIAMOND_60_BLUNT = 'diamond-60:blunt';

    /**
     * @param  Length  $base  finished side along the strip
     * @param  Length  $height  finished height of the strip
     * @param  bool  $steep  60°; else 45°
     */
    private function __construct(
        private UnitKind $kind,
        private Length $base,
        private Length $height,
        private bool $steep,
        private Slot $slot,
    ) {
    }

    /** @param  Length  $side  finished, all four the same */
    public static function diamond60(Length $side, Slot $slot): self
    {
        return new self(UnitLibrary::kind(self::DIAMOND_60), $side, $side->timesRoot3()->dividedBy(2), true, $slot);
    }

    /** @param  Length  $side  finished, all four the same */
    public static function diamond45(Length $side, Slot $slot): self
    {
        return new self(UnitLibrary::kind(self::DIAMOND_45), $side, $side->timesRoot2()->dividedBy(2), false, $slot);
    }

    /** Sides of b and h√2. */
    public static function parallelogram45(Length $base, Length $height, Slot $slot): self
    {
        return new self(UnitLibrary::kind(self::PARALLELOGRAM_45), $base, $height, false, $slot);
    }

    public static function define(string $kind): UnitKind
    {
        return match ($kind) {
            self::DIAMOND_45 => new UnitKind($kind, [1, 1], [self::DIAMOND_45_STRIP, self::DIAMOND_45_BLUNT], isFree: true),
            self::PARALLELOGRAM_45 => new UnitKind($kind, [1, 1], [self::PARALLELOGRAM_45_STRIP], null, ['hand'], isFree: true),
            default => new UnitKind($kind, [1, 1], [self::DIAMOND_60_STRIP, self::DIAMOND_60_BLUNT], isCutOnly: true, isFree: true),
        };
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return match ($spec->kind->value) {
            self::DIAMOND_45 => self::diamond45($spec->finished->width, $spec->slots[0]),
            self::PARALLELOGRAM_45 => self::parallelogram45($spec->finished->width, $spec->finished->height, $spec->slots[0]),
            default => self::diamond60($spec->finished->width, $spec->slots[0]),
        };
    }

    public function kind(): UnitKind
    {
        return $this->kind;
    }

    public function finished(): Size
    {
        return new Size($this->base->plus($this->slant($this->height)), $this->height);
    }

    public function slots(): array
    {
        return [$this->slot];
    }

    public function patches(): array
    {
        return [new Patch($this->slot->id, $this->leaning($this->base, $this->height))];
    }

    public function outline(): Outline
    {
        return $this->leaning($this->base, $this->height);
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $this->kind->isMadeBy($method)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }

        $cut = ['strip' => $this->stripWidth($room->seam), 'spacing' => $this->spacing($room->seam)];
        $on = [On::piece('piece')];
        $blunt = $method->is(self::DIAMOND_45_BLUNT) || $method->is(self::DIAMOND_60_BLUNT);

        return new Making($method, [$this->piece('piece', $room, blunt: $blunt)], [
            new Step(StepKind::Cut, 'slanted.cut', $cut, counts: ['degrees' => $this->steep ? 60 : 45], on: $on),
            ...$blunt ? [new Step(StepKind::Cut, 'slanted.blunt', $this->tips($room->seam), on: $on)] : [],
            new Step(StepKind::Check, 'slanted.check', ['side' => Measurement::exact(
                $this->cutSide($room->seam)->minus($blunt ? $this->bluntedBy($room->seam) : Length::zero()),
            )], on: $on),
        ], 2);
    }

    /**
     * @param  positive-int  $each
     * @param  bool  $blunt  whether its sharp tips are cut off, so that its edges meet those of the next one
     */
    public function piece(string $id, CuttingRoom $room, int $each = 1, bool $blunt = false): Piece
    {
        $strip = $this->stripWidth($room->seam);
        $side = $this->cutSide($room->seam);

        // A diamond turned over is a diamond; a parallelogram of unequal sides is not.
        $chiral = $this->kind->is(self::PARALLELOGRAM_45) && ! $this->base->equals($this->height->timesRoot2());

        return new Piece(
            $id,
            $this->kind->is(self::PARALLELOGRAM_45) ? PieceShape::Parallelogram : PieceShape::Diamond,
            [$this->slot->id],
            $strip,
            Measurement::exact($side->plus($this->slant($strip->exact))),
            new Batch(each: $each),
            lay: new Lay($this->leaning($side, $strip->exact, $blunt ? $this->bluntedBy($room->seam) : null), Measurement::exact($side), chiral: $chiral, grain: Grain::AlongStrip),
        );
    }

    private function stripWidth(Length $seam): Measurement
    {
        return Measurement::exact($this->height->plus($seam->times(2)));
    }

    /** Between two slanted cuts, measured square to them. */
    private function spacing(Length $seam): Measurement
    {
        $side = $this->cutSide($seam);

        return Measurement::exact($this->steep ? $side->timesRoot3()->dividedBy(2) : $side->timesRoot2()->dividedBy(2));
    }

    private function cutSide(Length $seam): Length
    {
        return $this->base->plus($this->steep ? $seam->times(4)->timesRoot3()->dividedBy(3) : $seam->times(2)->timesRoot2());
    }

    /** What blunting takes off both edges at a sharp tip. */
    private function bluntedBy(Length $seam): Length
    {
        return $this->steep ? $seam->times(2)->timesRoot3()->dividedBy(3) : $seam->times(2);
    }

    /**
     * What is cut off a sharp tip, measured along the middle of the diamond, and how far it reaches from one cut to the other then.
     *
     * @return array{off: Measurement, length: Measurement}
     */
    private function tips(Length $seam): array
    {
        $half = deg2rad($this->steep ? 30 : 22.5);
        $off = $this->bluntedBy($seam)->toFloat() * cos($half);
        $whole = 2 * $this->cutSide($seam)->toFloat() * cos($half);
        $measured = fn (float $inches): Measurement => Measurement::exact(Length::approximately($inches), true);

        return ['off' => $this->steep ? Measurement::exact($seam) : $measured($off), 'length' => $measured($whole - 2 * $off)];
    }

    private function slant(Length $height): Length
    {
        return $this->steep ? $height->timesRoot3()->dividedBy(3) : $height;
    }

    /** @param  Length|null  $off  what is taken off both edges at the sharp tips, at the top right and the bottom left */
    private function leaning(Length $base, Length $height, ?Length $off = null): Outline
    {
        $slant = $this->slant($height);
        $zero = Length::zero();
        if ($off !== null) {
            $down = $this->steep ? $off->timesRoot3()->dividedBy(2) : $off->timesRoot2()->dividedBy(2);
            $in = $this->slant($down);
            $end = $slant->plus($base);

            return new Outline(
                new Point($slant, $zero),
                new Point($end->minus($off), $zero),
                new Point($end->minus($in), $down),
                new Point($base, $height),
                new Point($off, $height),
                new Point($in, $height->minus($down)),
            );
        }

        return new Outline(
            new Point($slant, $zero),
            new Point($slant->plus($base), $zero),
            new Point($base, $height),
            new Point($zero, $height),
        );
    }
}
