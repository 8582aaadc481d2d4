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
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/** 60° triangles side by side, point up and point down in turn, a half triangle at each end: a rectangle (n + 1)a/2 wide and a√3/2 high. */
final readonly class TriangleRow implements LibraryUnit
{
    use Patchwork;

    public const KIND = 'triangle-row';

    public const BLUNT = 'triangle-row:blunt';

    public const POINTED = 'triangle-row:pointed';

    /** Triangles in a new row. */
    private const USUAL = 5;

    /**
     * @param  Length  $side  finished side of a triangle
     * @param  list<Slot>  $slots  point up, point down, and the ends when they differ from those
     *
     * @throws InvalidArgumentException unless the row has 1 to 60 triangles
     */
    public function __construct(
        private Length $side,
        private int $count,
        private array $slots,
    ) {
        if ($count < 1 || $count > 60) {
            throw new Refused('unit.triangle_count', ['count' => $count]);
        }
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [2, 3], [self::BLUNT, self::POINTED], options: ['count'], isCareful: true, slanted: [self::POINTED]);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return new self($spec->finished->width, $spec->options->count ?? throw $spec->missing('count'), $spec->slots);
    }

    public static function example(string $kind, Size $size, int $fabrics): UnitOptions
    {
        return new UnitOptions(count: 2 + $fabrics);
    }

    public static function usual(string $kind, Size $size, array $fabrics): array
    {
        return ['count' => self::USUAL];
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(self::KIND);
    }

    public function finished(): Size
    {
        return new Size($this->side->times($this->count + 1, 2), SixtyCut::height($this->side));
    }

    public function slots(): array
    {
        return $this->slots;
    }

    public function patches(): array
    {
        $height = SixtyCut::height($this->side);
        $zero = Length::zero();
        $at = fn (int $halves, bool $low): Point => new Point($this->side->times($halves, 2), $low ? $height : $zero);
        $patches = [new Patch($this->ends()->id, new Outline($at(0, false), $at(1, false), $at(0, true)))];
        for ($index = 0; $index < $this->count; $index++) {
            $up = $index % 2 === 0;
            $patches[] = new Patch($this->slots[$up ? 0 : 1]->id, $up
                ? new Outline($at($index + 1, false), $at($index + 2, true), $at($index, true))
                : new Outline($at($index, false), $at($index + 2, false), $at($index + 1, true)));
        }
        $last = $this->count;
        $patches[] = new Patch($this->ends()->id, $last % 2 === 1
            ? new Outline($at($last, false), $at($last + 1, false), $at($last + 1, true))
            : new Outline($at($last + 1, false), $at($last + 1, true), $at($last, true)));

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(self::BLUNT) && ! $method->is(self::POINTED)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $blunt = $method->is(self::BLUNT);
        $up = intdiv($this->count + 1, 2);
        $pieces = [SixtyCut::triangle('up', $this->slots[0]->id, $this->side, $room, $blunt, max(1, $up))];
        if ($this->count > 1) {
            $pieces[] = SixtyCut::triangle('down', $this->slots[1]->id, $this->side, $room, $blunt, max(1, $this->count - $up));
        }
        // An end that stands at the top right is the mirror image of the one at the top left; at the bottom right it is the same, turned.
        if ($this->count % 2 === 1) {
            $pieces[] = SixtyCut::half('left-end', $this->ends()->id, $this->side, $room, $blunt, trimmed: true);
            $pieces[] = SixtyCut::half('right-end', $this->ends()->id, $this->side, $room, $blunt, mirrored: true, trimmed: true);
        } else {
            $pieces[] = SixtyCut::half('ends', $this->ends()->id, $this->side, $room, $blunt, 2, trimmed: true);
        }
        $unfinished = $this->finished()->outsetBy($room->seam);
        // The strips decide the row: a sewn triangle is as high as its strip less what the seams and tips take, and 2/√3 of that wide. The
        // ends are cut larger and trimmed to where their points then lie.
        $strip = $pieces[0]->width;
        $height = $blunt ? $strip : Measurement::resulting($unfinished->height, [[Length::inches(1), $strip]]);
        $width = Measurement::resulting($unfinished->width, [[Length::root3($this->count + 1, 3), $strip]]);
        $seams = SeamPairs::inARow($this->count + 2);
        $seam = ['seam' => $room->allowance()];
        $all = array_map(fn (Piece $piece): On => On::piece($piece->id), $pieces);

        return new Making($method, $pieces, [
            new Step(StepKind::Cut, $blunt ? 'sixty.cut_blunt' : 'sixty.cut_pointed', ['strip' => $strip], on: $all),
            new Step(StepKind::Layer, 'triangle_row.layer', on: $all),
            $blunt
                ? new Step(StepKind::Sew, 'triangle_row.sew_blunt', $seam, on: $seams)
                : new Step(StepKind::Sew, 'triangle_row.sew', $seam, sewing: Sewing::Leader, on: $seams),
            new Step(StepKind::Press, 'triangle_row.press', on: $seams),
            new Step(StepKind::Trim, 'triangle_row.trim', ['width' => $width, 'unfinished' => $height], on: [On::whole()]),
        ], sewn: [$width, $height]);
    }

    private function ends(): Slot
    {
        return $this->slots[2] ?? $this->slots[1];
    }
}
