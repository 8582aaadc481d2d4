<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\On;
use Dew\Core\Making\Sewing;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;

/**
 * A rectangle of two right triangles whose legs differ: the first fabric at the top left, the second at the bottom right, the seam rising.
 * Its mirror image, the seam falling, is another unit with other pieces.
 */
final readonly class HalfRectangle implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const KIND = 'half-rectangle';

    public const TRIANGLES = 'half-rectangle:triangles';

    public function __construct(
        private Size $finished,
        private Slot $first,
        private Slot $second,
    ) {
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [2, 2], [self::TRIANGLES], null, ['hand'], isCareful: true, slanted: [self::TRIANGLES]);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return new self($spec->finished, $spec->slots[0], $spec->slots[1]);
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
        return [$this->first, $this->second];
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $topRight = new Point($this->finished->width, $zero);
        $bottomLeft = new Point($zero, $this->finished->height);

        return [
            new Patch($this->first->id, new Outline(new Point($zero, $zero), $topRight, $bottomLeft)),
            new Patch($this->second->id, new Outline($topRight, new Point($this->finished->width, $this->finished->height), $bottomLeft)),
        ];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(self::TRIANGLES)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $unfinished = $this->finished->outsetBy($room->seam);
        $dark = $this->second->value->isDarkerThan($this->first->value) ? 1 : 0;
        [$width, $height] = [$this->finished->width, $this->finished->height];

        $seam = [On::seam(0, 1)];
        $cuts = [On::cutLine('first', 0), On::cutLine('second', 0)];

        return new Making($method, [
            RightTriangleCut::piece('first', $this->first->id, $width, $height, $room),
            RightTriangleCut::piece('second', $this->second->id, $width, $height, $room),
        ], [
            new Step(StepKind::Cut, 'half_rectangle.cut', on: $cuts),
            new Step(
                StepKind::Layer,
                'half_rectangle.layer',
                slots: ['first' => $this->first->id, 'second' => $this->second->id],
                on: On::pieces('first', 'second'),
            ),
            new Step(StepKind::Sew, 'half_rectangle.sew', ['seam' => $room->allowance()], sewing: Sewing::Leader, on: $seam),
            new Step(
                StepKind::Press,
                'half_rectangle.press',
                slots: ['dark' => $dark === 0 ? $this->first->id : $this->second->id],
                on: [...$seam, On::toward($dark)],
            ),
            new Step(StepKind::Trim, 'half_rectangle.trim', [
                'width' => Measurement::exact($unfinished->width),
                'unfinished' => Measurement::exact($unfinished->height),
                'miss' => RightTriangleCut::miss($width, $height, $room->seam),
            ], on: [On::whole()]),
        ]);
    }
}
