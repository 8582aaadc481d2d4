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
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\UnitKind;

/**
 * A triangle of three equal sides standing on its base, or the half of one to the left of its height: for rows of triangles and their ends.
 */
final readonly class SixtyTriangle implements LibraryUnit
{
    use Patchwork;
    use WithoutOptions;

    public const TRIANGLE_60 = 'triangle-60';

    public const HALF_TRIANGLE_60 = 'half-triangle-60';

    public const TRIANGLE_60_BLUNT = 'triangle-60:blunt';

    public const TRIANGLE_60_POINTED = 'triangle-60:pointed';

    public const HALF_TRIANGLE_60_BLUNT = 'half-triangle-60:blunt';

    public const HALF_TRIANGLE_60_POINTED = 'half-triangle-60:pointed';

    private function __construct(
        private UnitKind $kind,
        private Length $side,
        private Slot $slot,
    ) {
    }

    /** @param  Length  $side  finished */
    public static function whole(Length $side, Slot $slot): self
    {
        return new self(UnitLibrary::kind(self::TRIANGLE_60), $side, $slot);
    }

    /** @param  Length  $side  finished side of the triangle it is half of; its legs are a/2 along the top and a√3/2 on the left */
    public static function half(Length $side, Slot $slot): self
    {
        return new self(UnitLibrary::kind(self::HALF_TRIANGLE_60), $side, $slot);
    }

    public static function define(string $kind): UnitKind
    {
        return $kind === self::TRIANGLE_60
            ? new UnitKind($kind, [1, 1], [self::TRIANGLE_60_BLUNT, self::TRIANGLE_60_POINTED], isCutOnly: true, isFree: true)
            : new UnitKind(
                $kind, [1, 1], [self::HALF_TRIANGLE_60_BLUNT, self::HALF_TRIANGLE_60_POINTED], options: ['hand'], isCutOnly: true, isFree: true,
            );
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return $spec->kind->is(self::TRIANGLE_60)
            ? self::whole($spec->finished->width, $spec->slots[0])
            : self::half($spec->finished->width, $spec->slots[0]);
    }

    public function kind(): UnitKind
    {
        return $this->kind;
    }

    public function finished(): Size
    {
        return new Size($this->kind->is(self::TRIANGLE_60) ? $this->side : $this->side->dividedBy(2), SixtyCut::height($this->side));
    }

    public function slots(): array
    {
        return [$this->slot];
    }

    public function patches(): array
    {
        $zero = Length::zero();
        $half = $this->side->dividedBy(2);
        $height = SixtyCut::height($this->side);

        return [new Patch($this->slot->id, $this->kind->is(self::TRIANGLE_60)
            ? new Outline(new Point($half, $zero), new Point($this->side, $height), new Point($zero, $height))
            : new Outline(new Point($zero, $zero), new Point($half, $zero), new Point($zero, $height)))];
    }

    public function outline(): Outline
    {
        return $this->patches()[0]->outline;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $this->kind->isMadeBy($method)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $blunt = $method->is(self::TRIANGLE_60_BLUNT) || $method->is(self::HALF_TRIANGLE_60_BLUNT);
        $piece = $this->kind->is(self::TRIANGLE_60)
            ? SixtyCut::triangle('piece', $this->slot->id, $this->side, $room, $blunt)
            : SixtyCut::half('piece', $this->slot->id, $this->side, $room, $blunt);

        $strip = ['strip' => $piece->width];
        $on = [On::piece('piece')];

        return new Making($method, [$piece], [
            new Step(StepKind::Cut, $blunt ? 'sixty.cut_blunt' : 'sixty.cut_pointed', $strip, on: $on),
            new Step(StepKind::Check, 'sixty.check', $strip, on: $on),
        ], $this->kind->is(self::TRIANGLE_60) ? 2 : 1);
    }
}
