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
 * A goose pointing up between two skies, twice as wide as high.
 *
 * The goose is a quarter triangle of the width, the skies half triangles of the height.
 */
final readonly class FlyingGeese implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'geese';

    public const NO_WASTE = 'geese:no-waste';

    public const FLIP = 'geese:flip';

    public const TRIANGLES = 'geese:triangles';

    public const STRIP = 'geese:strip';

    public function __construct(
        private Length $height,
        private Slot $goose,
        private Slot $sky,
    ) {
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [2, 2], [self::NO_WASTE, self::FLIP, self::TRIANGLES, self::STRIP], 2, slanted: [self::TRIANGLES]);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return new self($spec->finished->height, $spec->slots[0], $spec->slots[1]);
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(self::KIND);
    }

    public function finished(): Size
    {
        return new Size($this->height->times(2), $this->height);
    }

    public function slots(): array
    {
        return [$this->goose, $this->sky];
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $width = $this->height->times(2);
        $peak = new Point($this->height, $zero);
        $left = new Point($zero, $this->height);
        $right = new Point($width, $this->height);

        return [
            new Patch($this->goose->id, new Outline($peak, $right, $left)),
            new Patch($this->sky->id, new Outline(new Point($zero, $zero), $peak, $left)),
            new Patch($this->sky->id, new Outline($peak, new Point($width, $zero), $right)),
        ];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        return match ($method->value) {
            self::NO_WASTE => $this->withoutWaste($room),
            self::FLIP => $this->flipped($room),
            self::TRIANGLES => $this->fromTriangles($room),
            self::STRIP => $this->fromStrips($room),
            default => throw new Refused('unit.not_made_by', ['method' => $method->value]),
        };
    }

    /** One square of W + 2s(1 + √2) and four of H + s(2 + √2) give four. */
    private function withoutWaste(CuttingRoom $room): Making
    {
        [$goose, $sky] = [Measurement::up($this->gooseSquare($room)), Measurement::up($this->skySquare($room))];
        $lines = new Lines(SquareCut::besideRising($sky->exact, $room->seam), [SquareCut::rising($sky->exact)]);
        $slots = $this->ids();
        $seam = ['seam' => $room->allowance()];
        $sewn = On::sewLines('sky', 2);

        return new Making(new Method(self::NO_WASTE), [
            Piece::square('goose', $this->goose->id, $goose, new Batch(4)),
            Piece::square('sky', $this->sky->id, $sky, new Batch(4, each: 4), $lines),
        ], [
            new Step(StepKind::Mark, 'geese.no_waste.mark', slots: $slots, on: [On::piece('sky'), On::cutLine('sky', 0)]),
            new Step(StepKind::Layer, 'geese.no_waste.layer', slots: $slots, on: On::pieces('sky', 'goose')),
            new Step(StepKind::Sew, 'geese.no_waste.sew', $seam, on: [...$sewn, On::seam(0, 1)]),
            new Step(StepKind::Cut, 'geese.no_waste.cut', slots: $slots, on: [On::cutLine('sky', 0)]),
            new Step(StepKind::Press, 'geese.press', slots: $slots, on: [On::seam(0, 1), On::toward(1)]),
            new Step(StepKind::Layer, 'geese.no_waste.layer_again', slots: $slots, on: On::pieces('sky', 'goose')),
            new Step(StepKind::Sew, 'geese.no_waste.sew_again', $seam, $slots, on: [...$sewn, On::seam(0, 2)]),
            ...$this->finish($room, [On::seam(0, 2), On::toward(2)], $this->before($room, $goose, $sky)),
        ]);
    }

    /** A rectangle and two squares of the unfinished height, sewn on the line. */
    private function flipped(CuttingRoom $room): Making
    {
        $size = $this->finished()->outsetBy($room->seam);
        [$width, $height] = [Measurement::exact($size->width), Measurement::exact($size->height)];
        $slots = $this->ids();
        $line = [On::sewLine('sky', 0)];

        return new Making(new Method(self::FLIP), [
            Piece::rectangle('goose', $this->goose->id, $height, $width),
            Piece::square('sky', $this->sky->id, $height, new Batch(each: 2), new Lines([SquareCut::rising($size->height)])),
        ], [
            new Step(StepKind::Mark, 'geese.flip.mark', slots: $slots, on: [On::piece('sky'), ...$line]),
            new Step(StepKind::Sew, 'geese.flip.sew', slots: $slots, on: [...On::pieces('sky', 'goose'), ...$line, On::seam(0, 1)]),
            new Step(StepKind::Check, 'geese.flip.check', on: [On::piece('sky'), On::edge(1, 0)]),
            new Step(StepKind::Cut, 'geese.flip.cut', ['seam' => $room->allowance()], on: [On::seam(0, 1)]),
            new Step(StepKind::Press, 'geese.press', slots: $slots, on: [On::seam(0, 1), On::toward(1)]),
            new Step(
                StepKind::Sew,
                'geese.flip.sew_again',
                ['seam' => $room->allowance()],
                $slots,
                on: [On::piece('sky'), ...$line, On::seam(0, 2)],
            ),
            ...$this->finish($room, [On::seam(0, 2), On::toward(2)]),
        ], sewn: [$width, $height]);
    }

    private function fromTriangles(CuttingRoom $room): Making
    {
        [$goose, $sky] = [Measurement::up($this->gooseSquare($room)), Measurement::up($this->skySquare($room))];
        $twice = new Lines(cut: [SquareCut::rising($goose->exact), SquareCut::falling($goose->exact)]);
        $once = new Lines(cut: [SquareCut::rising($sky->exact)]);
        $slots = $this->ids();

        return new Making(new Method(self::TRIANGLES), [
            Piece::square('goose', $this->goose->id, $goose, new Batch(4), $twice),
            Piece::square('sky', $this->sky->id, $sky, new Batch(2, 2), $once),
        ], [
            new Step(StepKind::Cut, 'geese.triangles.cut', slots: $slots, on: [...On::cutLines('goose', 2), On::cutLine('sky', 0)]),
            ...$this->sewTriangles($room),
            ...$this->finish($room, $this->bothSeams(), $this->before($room, $goose, $sky)),
        ]);
    }

    /** Both from strips of the unfinished height: the goose with its long side on the edge, the sky with a short side across. */
    private function fromStrips(CuttingRoom $room): Making
    {
        $goose = TriangleStrip::longOnEdge('goose', $this->goose->id, $this->height->times(2), $room);
        $sky = TriangleStrip::shortAcross('sky', $this->sky->id, $this->height, $room, 2);
        $slots = $this->ids();

        return new Making(new Method(self::STRIP), [$goose, $sky], [
            new Step(StepKind::Cut, 'geese.strip.cut', ['strip' => $goose->width], $slots, on: On::pieces('goose', 'sky')),
            ...$this->sewTriangles($room),
            ...$this->finish($room, $this->bothSeams()),
        ]);
    }

    /** @return list<Step> */
    private function sewTriangles(CuttingRoom $room): array
    {
        return [
            new Step(StepKind::Sew, 'geese.triangles.sew', ['seam' => $room->allowance()], $this->ids(), on: On::seams([[0, 1], [0, 2]])),
        ];
    }

    /** @return list<On> */
    private function bothSeams(): array
    {
        return [...On::seams([[0, 1], [0, 2]]), On::toward(1), On::toward(2)];
    }

    /**
     * @param  list<On>  $pressed
     * @param  array<string, Measurement>  $before
     * @return list<Step>
     */
    private function finish(CuttingRoom $room, array $pressed, array $before = []): array
    {
        $measures = [
            'width' => $room->unfinished(
                $this->height->times(2),
            ), 'unfinished' => $room->unfinished($this->height), 'seam' => $room->allowance(),
        ];

        return [
            new Step(StepKind::Press, 'geese.press', slots: $this->ids(), on: $pressed),
            new Step(StepKind::Trim, 'geese.trim', [...$measures, ...$before], on: [On::whole(), On::edge(0, 0)]),
        ];
    }

    /**
     * Before it is trimmed a unit is as much wider as the goose is cut larger, and as much higher as the sky is.
     *
     * @return array<string, Measurement>
     */
    private function before(CuttingRoom $room, Measurement $goose, Measurement $sky): array
    {
        $one = Length::inches(1);

        return [
            'before_width' => Measurement::resulting($room->unfinished($this->height->times(2))->exact, [[$one, $goose]], Rounding::None),
            'before' => Measurement::resulting($room->unfinished($this->height)->exact, [[$one, $sky]], Rounding::None),
        ];
    }

    /** @return array<string, string> */
    private function ids(): array
    {
        return ['goose' => $this->goose->id, 'sky' => $this->sky->id];
    }

    private function gooseSquare(CuttingRoom $room): Length
    {
        return SquareCut::quarter($this->height->times(2), $room->seam);
    }

    private function skySquare(CuttingRoom $room): Length
    {
        return SquareCut::half($this->height, $room->seam);
    }
}
