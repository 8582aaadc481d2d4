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
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Seamwork;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * A unit of which its pattern says what to cut and shows a picture, but not where each piece lies. It is cut by the sizes and counts that
 * are given, and sewn as the picture shows. Until there are outlines it is drawn as bands, each as large as its fabric's share of what is
 * cut, so that nobody takes the drawing for a plan.
 */
final readonly class GivenUnit implements Unit
{
    use Patchwork;

    /** Bands are drawn to this share of an inch. */
    private const DRAWN_TO = 64;

    /** @var list<array{CustomPiece, Size}> pieces and the rectangles they are cut from */
    private array $cuts;

    /**
     * @param  list<Slot>  $slots
     * @param  non-empty-list<CustomPiece>  $pieces
     *
     * @throws InvalidArgumentException when a piece has no cutting size, or has what only an outline has
     */
    public function __construct(
        private Size $finished,
        private array $slots,
        private array $pieces,
    ) {
        $cuts = [];
        foreach ($pieces as $piece) {
            if ($piece->placed !== null || $piece->notches !== [] || $piece->spare !== null) {
                throw new Refused('unit.needs_outlines', ['id' => $piece->letter ?? $piece->id]);
            }
            if (! isset($slots[$piece->fabric])) {
                throw new Refused('unit.no_such_fabric', ['id' => $piece->id]);
            }
            $cuts[] = [$piece, $piece->cut ?? throw new Refused('unit.needs_cutting_size', ['id' => $piece->letter ?? $piece->id])];
        }
        $this->cuts = $cuts;
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(CustomUnit::KIND);
    }

    public function finished(): Size
    {
        return $this->finished;
    }

    public function slots(): array
    {
        return $this->slots;
    }

    /** @return list<Patch> a band for every fabric, from the top */
    public function patches(): array
    {
        $areas = [];
        foreach ($this->cuts as [$piece, $cut]) {
            $areas[$piece->fabric] = ($areas[$piece->fabric] ?? 0.0) + $cut->area() * $piece->count / $piece->yield;
        }
        ksort($areas);
        $patches = [];
        $top = Length::zero();
        $sum = 0.0;
        $left = count($areas);
        $high = max($left, (int) round($this->finished->height->toFloat() * self::DRAWN_TO));
        $at = 0;
        foreach ($areas as $fabric => $area) {
            $sum += $area;
            $left--;
            // Every band is drawn, however little of its fabric there is.
            $at = max($at + 1, min($high - $left, (int) round($high * $sum / array_sum($areas))));
            $bottom = $left === 0 ? $this->finished->height : Length::fraction($at, self::DRAWN_TO);
            $patches[] = new Patch($this->slots[$fabric]->id, Outline::rectangle(
                Length::zero(), $top, new Size($this->finished->width, $bottom->minus($top)),
            ));
            $top = $bottom;
        }

        return $patches;
    }

    /** One seam fewer than pieces, and as long as if every piece were a square: nothing says how they lie. */
    public function seamwork(): Seamwork
    {
        $around = 0.0;
        $pieces = 0;
        $share = $this->finished->area();
        $total = array_sum(array_map(fn (array $cut): float => $cut[1]->area() * $cut[0]->count / $cut[0]->yield, $this->cuts));
        foreach ($this->cuts as [$piece, $cut]) {
            $pieces += $piece->count;
            $around += 4 * sqrt($cut->area() / $piece->yield * $share / $total) * $piece->count;
        }

        return new Seamwork(max(0, $pieces - 1), max(0.0, ($around - $this->outline()->perimeter()) / 2));
    }

    public function cutArea(CuttingRoom $room): float
    {
        return array_sum(array_map(fn (array $cut): float => $cut[1]->area() * $cut[0]->count / $cut[0]->yield, $this->cuts));
    }

    public function overhangs(CuttingRoom $room): array
    {
        return [];
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(CustomUnit::PIECES)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $pieces = $on = [];
        foreach ($this->cuts as [$piece, $cut]) {
            if ($piece->isUnknown) {
                throw new Refused('unit.given_at_one_size', ['id' => $piece->letter ?? $piece->id, 'yield' => $piece->yield]);
            }
            $pieces[] = new Piece(
                $piece->id, $cut->isSquare() ? PieceShape::Square : PieceShape::Rectangle, [$this->slots[$piece->fabric]->id],
                Measurement::exact($cut->height), Measurement::exact($cut->width), new Batch($piece->yield, $piece->count),
                label: $piece->letter,
            );
            $on[] = On::piece($piece->id);
        }
        $size = $this->finished->outsetBy($room->seam);
        $single = array_sum(array_map(fn (array $cut): int => $cut[0]->count, $this->cuts)) === 1;

        return new Making($method, $pieces, [
            new Step(StepKind::Cut, 'custom.cut_given', on: $on),
            ...$single ? [] : [
                new Step(StepKind::Sew, 'custom.sew', ['seam' => $room->allowance()], on: $on),
                new Step(StepKind::Press, 'custom.press', on: [On::whole()]),
            ],
            new Step(StepKind::Trim, 'strip_grid.trim', [
                'width' => Measurement::exact($size->width), 'unfinished' => Measurement::exact($size->height),
            ], on: [On::whole()]),
        ]);
    }

    /** Cutting sizes are all that tells two such units apart. */
    public function digest(CuttingRoom $room): string
    {
        return substr(hash('sha256', implode("\n", [
            $this->kind()->value,
            'given',
            $this->finished->encode(),
            $room->seam->encode(),
            ...array_map(fn (array $cut): string => implode(' ', [
                $this->slots[$cut[0]->fabric]->id, $cut[1]->encode(), $cut[0]->yield, $cut[0]->count,
            ]), $this->cuts),
        ])), 0, 16);
    }

    /** Square inches that the pieces can cover at most once every one has lost its seams: what a pattern gives must not come to less. */
    public function covers(CuttingRoom $room): float
    {
        $covered = 0.0;
        foreach ($this->cuts as [$piece, $cut]) {
            $inner = $cut->width->minus($room->seam->times(2))->toFloat() * $cut->height->minus($room->seam->times(2))->toFloat();
            // A rectangle that gives several loses more between them: it is not known how it is divided.
            $covered += max(0.0, $inner) * $piece->count / $piece->yield;
        }

        return $covered;
    }
}
