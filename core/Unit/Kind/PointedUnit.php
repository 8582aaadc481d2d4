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
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * A slender point between two mirrored side triangles: a kite along the diagonal of a square, or a peak standing on the lower edge of a
 * rectangle. The point is cut round a template, the sides in pairs from rectangles, half of them mirrored.
 */
final readonly class PointedUnit implements LibraryUnit
{
    use Patchwork;

    public const KITE = 'kite';

    public const PEAK = 'peak';

    public const KITE_TEMPLATE = 'kite:template';

    public const PEAK_TEMPLATE = 'peak:template';

    private function __construct(
        private UnitKind $kind,
        private Size $finished,
        private Length $short,
        private Slot $point,
        private Slot $left,
        private Slot $right,
    ) {
    }

    /**
     * A kite from the top left corner to the bottom right, between side triangles of legs F and the edge.
     *
     * @param  list<Slot>  $slots  kite, sides; or kite, upper side, lower side
     *
     * @throws InvalidArgumentException unless the edge is shorter than the side
     */
    public static function kite(Length $side, Length $edge, array $slots): self
    {
        if (! $edge->isLessThan($side)) {
            throw new Refused('unit.kite_edge');
        }
        [$kite, $sides] = [$slots[0], $slots[1]];

        return new self(UnitLibrary::kind(self::KITE), Size::square($side), $edge, $kite, $slots[2] ?? $sides, $sides);
    }

    /** @param  list<Slot>  $slots  peak, sides; or peak, left side, right side */
    public static function peak(Size $finished, array $slots): self
    {
        return new self(UnitLibrary::kind(self::PEAK), $finished, $finished->width->dividedBy(2), $slots[0], $slots[1], $slots[2] ?? $slots[1]);
    }

    public static function define(string $kind): UnitKind
    {
        return $kind === self::KITE
            ? new UnitKind($kind, [2, 3], [self::KITE_TEMPLATE], options: ['edge'], isCareful: true, slanted: [self::KITE_TEMPLATE])
            : new UnitKind($kind, [2, 3], [self::PEAK_TEMPLATE], null, isCareful: true, slanted: [self::PEAK_TEMPLATE]);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return $spec->kind->is(self::KITE)
            ? self::kite($spec->finished->width, $spec->options->edge ?? $spec->finished->width->dividedBy(2), $spec->slots)
            : self::peak($spec->finished, $spec->slots);
    }

    public static function example(string $kind, Size $size, int $fabrics): UnitOptions
    {
        return $kind === self::KITE ? new UnitOptions(edge: $size->height->times(2, 5)) : new UnitOptions;
    }

    public static function usual(string $kind, Size $size, array $fabrics): array
    {
        return [];
    }

    public function kind(): UnitKind
    {
        return $this->kind;
    }

    public function finished(): Size
    {
        return $this->finished;
    }

    public function slots(): array
    {
        return $this->left === $this->right ? [
            $this->point,
            $this->left,
        ] : ($this->kind->is(self::KITE) ? [$this->point, $this->right, $this->left] : [$this->point, $this->left, $this->right]);
    }

    public function patches(): array
    {
        $zero = Length::zero();
        [$width, $height, $short] = [$this->finished->width, $this->finished->height, $this->short];
        $at = fn (Length $x, Length $y): Point => new Point($x, $y);

        return $this->kind->is(self::KITE) ? [
            new Patch($this->point->id, new Outline($at($zero, $zero), $at($width, $short), $at($width, $height), $at($short, $height))),
            new Patch($this->right->id, new Outline($at($zero, $zero), $at($width, $zero), $at($width, $short))),
            new Patch($this->left->id, new Outline($at($zero, $zero), $at($short, $height), $at($zero, $height))),
        ] : [
            new Patch($this->point->id, new Outline($at($short, $zero), $at($width, $height), $at($zero, $height))),
            new Patch($this->left->id, new Outline($at($zero, $zero), $at($short, $zero), $at($zero, $height))),
            new Patch($this->right->id, new Outline($at($short, $zero), $at($width, $zero), $at($width, $height))),
        ];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(self::KITE_TEMPLATE) && ! $method->is(self::PEAK_TEMPLATE)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $unfinished = $this->finished->outsetBy($room->seam);
        [$along, $across] = $this->kind->is(self::KITE) ? [$this->finished->width, $this->short] : [
            $this->short,
            $this->finished->height,
        ];
        $slots = ['point' => $this->point->id, 'left' => $this->left->id, 'right' => $this->right->id];

        [$left, $right] = $this->kind->is(self::KITE) ? [2, 1] : [1, 2];
        $width = Measurement::exact($unfinished->width);
        $trim = ['width' => $width, 'unfinished' => Measurement::exact($unfinished->height), 'seam' => $room->allowance()];
        [$first, $second] = [[On::seam(0, $left)], [On::seam(0, $right)]];

        return new Making($method, [
            ...TemplateCut::pieces([$this->patches()[0]], $room, $this->finished, 'point'),
            // Side triangles meet the point along their long edges: one falls to the right, the other is its mirror image.
            RightTriangleCut::piece('left', $this->left->id, $along, $across, $room),
            RightTriangleCut::piece('right', $this->right->id, $along, $across, $room, mirrored: true),
        ], [
            new Step(StepKind::Cut, 'pointed.cut_point', slots: $slots, on: [On::piece('point-1')]),
            new Step(StepKind::Cut, 'pointed.cut_sides', slots: $slots, on: [On::cutLine('left', 0), On::cutLine('right', 0)]),
            new Step(StepKind::Layer, 'pointed.layer', slots: $slots, on: On::pieces('left', 'point-1')),
            new Step(StepKind::Sew, 'pointed.sew', ['seam' => $room->allowance()], $slots, sewing: Sewing::WideCornerFirst, on: $first),
            new Step(StepKind::Press, 'pointed.press', slots: $slots, on: [...$first, On::toward($left)]),
            new Step(StepKind::Sew, 'pointed.sew_again', slots: $slots, sewing: Sewing::WideCornerFirst, on: $second),
            new Step(StepKind::Press, 'pointed.press', slots: $slots, on: [...$second, On::toward($right)]),
            new Step(StepKind::Trim, 'pointed.trim', $trim, on: [On::whole()]),
        ]);
    }

    public function bluntedPatches(): array
    {
        return [0];
    }
}
