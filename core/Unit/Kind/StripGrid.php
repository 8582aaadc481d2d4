<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * Rectangles in columns and rows of any widths: strips side by side, an uneven nine-patch, a sixteen-patch.
 */
final readonly class StripGrid implements Unit
{
    /**
     * @param  list<Length>  $columns  finished widths
     * @param  list<Length>  $rows  finished heights
     * @param  list<Slot>  $slots  in the order of their roles
     * @param  list<list<int>>  $roles  number of the fabric in each place, row by row
     */
    private function __construct(
        private UnitKind $kind,
        private array $columns,
        private array $rows,
        private array $slots,
        private array $roles,
        private Method $sets,
        private Method $singles,
    ) {
    }

    /**
     * Strips from left to right, cut to one length.
     *
     * @param  list<Length>  $widths  finished
     * @param  list<Slot>  $slots  one for each strip
     *
     * @throws InvalidArgumentException when widths, fabrics and size do not agree
     */
    public static function strips(Size $finished, array $widths, array $slots): self
    {
        $sum = Length::sum($widths);
        if (count($widths) !== count($slots)) {
            throw new InvalidArgumentException(sprintf('%d strips take %d fabrics, not %d.', count($widths), count($widths), count($slots)));
        }
        if (! $sum->equals($finished->width)) {
            throw new InvalidArgumentException(sprintf('The strips finish %s wide together and the unit %s.', $sum->toDecimal(3), $finished->width->toDecimal(3)));
        }

        return new self(UnitKind::Strips, $widths, [$finished->height], $slots, [array_keys($slots)], Method::StripsSets, Method::StripsSingles);
    }

    /**
     * Corners, sides, middle; the edge may be narrower or wider than the middle. With two fabrics the middle is cut from the corners' one.
     *
     * @param  list<Slot>  $slots  two or three
     *
     * @throws InvalidArgumentException when the edges leave no middle
     */
    public static function unevenNinePatch(Length $side, Length $edge, array $slots): self
    {
        $middle = $side->minus($edge->times(2));
        if (! $middle->isPositive()) {
            throw new InvalidArgumentException('The edges of an uneven nine-patch leave no middle; make them narrower.');
        }
        $widths = [$edge, $middle, $edge];

        return new self(UnitKind::UnevenNinePatch, $widths, $widths, $slots, [[0, 1, 0], [1, count($slots) > 2 ? 2 : 0, 1], [0, 1, 0]], Method::UnevenNinePatchSets, Method::UnevenNinePatchSingles);
    }

    /** @param  list<Slot>  $slots  two, alternating */
    public static function sixteenPatch(Length $side, array $slots): self
    {
        $widths = array_fill(0, 4, $side->dividedBy(4));

        return new self(UnitKind::SixteenPatch, $widths, $widths, $slots, [[0, 1, 0, 1], [1, 0, 1, 0], [0, 1, 0, 1], [1, 0, 1, 0]], Method::SixteenPatchSets, Method::SixteenPatchSingles);
    }

    public function kind(): UnitKind
    {
        return $this->kind;
    }

    public function finished(): Size
    {
        return new Size(Length::sum($this->columns), Length::sum($this->rows));
    }

    public function slots(): array
    {
        return $this->slots;
    }

    public function patches(): array
    {
        $patches = [];
        $top = Length::zero();
        foreach ($this->rows as $row => $height) {
            $left = Length::zero();
            foreach ($this->columns as $column => $width) {
                $patches[] = new Patch($this->slots[$this->roles[$row][$column]]->id, Outline::rectangle($left, $top, new Size($width, $height)));
                $left = $left->plus($width);
            }
            $top = $top->plus($height);
        }

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        $ids = array_map(fn (array $row): array => array_map(fn (int $role): string => $this->slots[$role]->id, $row), $this->roles);
        $seam = ['seam' => Measurement::setting($room->seam)];
        $size = $this->finished()->outsetBy($room->seam);
        $join = count($this->rows) === 1 ? [] : [new Step(StepKind::Layer, 'strip_grid.join'), new Step(StepKind::Press, 'strip_grid.press_rows')];
        $trim = new Step(StepKind::Trim, 'strip_grid.trim', ['width' => Measurement::exact($size->width), 'unfinished' => Measurement::exact($size->height)]);
        if ($method === $this->sets) {
            $pieces = StripSets::pieces($this->columns, $this->rows, $ids, $room);
            $segments = array_values(array_filter($pieces, fn (Piece $piece): bool => $piece->isSegment()));

            return Making::of($method, $pieces, [
                new Step(StepKind::Sew, 'strip_grid.sets.sew', $seam),
                new Step(StepKind::Check, 'strip_grid.sets.edge', [
                    // After one seam the outermost strip has lost one allowance; the ones inside have lost two.
                    'edge' => Measurement::exact($this->columns[0]->plus($room->seam)),
                    'finished' => Measurement::exact($this->columns[min(1, count($this->columns) - 1)]),
                ]),
                new Step(StepKind::Press, 'rail.strips.press'),
                new Step(StepKind::Check, 'four_patch.strips.check', ['sewn' => Measurement::exact($size->width)]),
                ...array_map(fn (Piece $segment): Step => new Step(StepKind::Cut, 'four_patch.strips.cut', ['segment' => $segment->width], counts: ['segments' => $segment->perSet($room->usableWidth, $room->squaring)]), $segments),
                ...$join,
                $trim,
            ], $room);
        }
        if ($method !== $this->singles) {
            throw new InvalidArgumentException(sprintf('A %s is not made by "%s".', $this->kind->value, $method->value));
        }

        return Making::of($method, StripSets::singles($this->columns, $this->rows, $ids, $room), [
            new Step(StepKind::Sew, 'strip_grid.singles.sew', $seam),
            new Step(StepKind::Press, 'strip_grid.singles.press'),
            ...$join,
            $trim,
        ], $room);
    }
}
