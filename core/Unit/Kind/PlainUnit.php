<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\UnitKind;

/**
 * A square or rectangle of one fabric: cut w + 2s by h + 2s, exactly, since nothing trims it afterwards; or left larger until its neighbours
 * are sewn, and trimmed to what they measure.
 */
final readonly class PlainUnit implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const SQUARE = 'square';

    public const RECTANGLE = 'rectangle';

    public const SQUARE_LARGER = 'square:larger';

    public const RECTANGLE_LARGER = 'rectangle:larger';

    /** How much larger it is left, in inches. */
    private const LARGER = [1, 4];

    public function __construct(
        private Size $finished,
        private Slot $slot,
    ) {
    }

    public static function define(string $kind): UnitKind
    {
        return $kind === self::SQUARE
            ? new UnitKind($kind, [1, 1], [Method::PLAIN, self::SQUARE_LARGER], isCutOnly: true, trimsDown: true, beyond: [self::SQUARE_LARGER])
            : new UnitKind($kind, [1, 1], [Method::PLAIN, self::RECTANGLE_LARGER], null, isCutOnly: true, trimsDown: true, beyond: [self::RECTANGLE_LARGER]);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return new self($spec->finished, $spec->slots[0]);
    }

    public function kind(): UnitKind
    {
        return $this->finished->isSquare() ? UnitLibrary::kind(self::SQUARE) : UnitLibrary::kind(self::RECTANGLE);
    }

    public function finished(): Size
    {
        return $this->finished;
    }

    public function slots(): array
    {
        return [$this->slot];
    }

    public function patches(): array
    {
        return [new Patch($this->slot->id, Outline::rectangle(Length::zero(), Length::zero(), $this->finished))];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $this->kind()->isMadeBy($method)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        [$width, $height] = [$room->unfinished($this->finished->width), $room->unfinished($this->finished->height)];
        $shape = $this->finished->isSquare() ? PieceShape::Square : PieceShape::Rectangle;
        if (! $method->isPlain()) {
            $larger = fn (Measurement $side): Measurement => Measurement::exact($side->exact->plus(Length::fraction(...self::LARGER)));
            $left = ['width' => $larger($width), 'height' => $larger($height)];

            return new Making($method, [new Piece('piece', $shape, [$this->slot->id], ...array_values($left))], [
                new Step(StepKind::Check, 'plain.larger', $left, on: [On::piece('piece')]),
                new Step(StepKind::Trim, 'plain.trim', ['width' => $width, 'unfinished' => $height], on: [On::whole()]),
            ], sewn: [$width, $height]);
        }

        return new Making($method, [new Piece('piece', $shape, [$this->slot->id], $width, $height)], [
            new Step(StepKind::Check, 'plain.check', ['width' => $width, 'height' => $height], on: [On::piece('piece')]),
        ], sewn: [$width, $height]);
    }
}
