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
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * Rectangles in columns and rows of any widths: strips side by side, an uneven nine-patch, a sixteen-patch.
 */
final readonly class StripGrid implements LibraryUnit
{
    use Patchwork;

    public const STRIPS = 'strips';

    public const UNEVEN_NINE_PATCH = 'uneven-nine-patch';

    public const SIXTEEN_PATCH = 'sixteen-patch';

    public const STRIPS_SETS = 'strips:sets';

    public const STRIPS_SINGLES = 'strips:singles';

    public const UNEVEN_NINE_PATCH_SETS = 'uneven-nine-patch:sets';

    public const UNEVEN_NINE_PATCH_SINGLES = 'uneven-nine-patch:singles';

    public const SIXTEEN_PATCH_SETS = 'sixteen-patch:sets';

    public const SIXTEEN_PATCH_SINGLES = 'sixteen-patch:singles';

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
        private string $sets,
        private string $singles,
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
            throw new Refused('unit.strip_fabrics', ['strips' => count($widths), 'needed' => count($widths), 'count' => count($slots)]);
        }
        if (! $sum->equals($finished->width)) {
            throw new Refused('unit.strips_wide', ['sum' => $sum->toDecimal(3), 'width' => $finished->width->toDecimal(3)]);
        }

        return new self(
            UnitLibrary::kind(self::STRIPS),
            $widths,
            [$finished->height],
            $slots,
            [array_keys($slots)],
            self::STRIPS_SETS,
            self::STRIPS_SINGLES,
        );
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
            throw new Refused('unit.no_middle');
        }
        $widths = [$edge, $middle, $edge];

        return new self(
            UnitLibrary::kind(self::UNEVEN_NINE_PATCH),
            $widths,
            $widths,
            $slots,
            [[0, 1, 0], [1, count($slots) > 2 ? 2 : 0, 1], [0, 1, 0]],
            self::UNEVEN_NINE_PATCH_SETS,
            self::UNEVEN_NINE_PATCH_SINGLES,
        );
    }

    /** @param  list<Slot>  $slots  two, alternating */
    public static function sixteenPatch(Length $side, array $slots): self
    {
        $widths = array_fill(0, 4, $side->dividedBy(4));

        return new self(
            UnitLibrary::kind(self::SIXTEEN_PATCH),
            $widths,
            $widths,
            $slots,
            [[0, 1, 0, 1], [1, 0, 1, 0], [0, 1, 0, 1], [1, 0, 1, 0]],
            self::SIXTEEN_PATCH_SETS,
            self::SIXTEEN_PATCH_SINGLES,
        );
    }

    public static function define(string $kind): UnitKind
    {
        return match ($kind) {
            self::STRIPS => new UnitKind($kind, [1, 12], [self::STRIPS_SETS, self::STRIPS_SINGLES], null, ['widths']),
            self::UNEVEN_NINE_PATCH => new UnitKind(
                $kind, [2, 3], [self::UNEVEN_NINE_PATCH_SETS, self::UNEVEN_NINE_PATCH_SINGLES], options: ['edge'],
            ),
            default => new UnitKind($kind, [2, 2], [self::SIXTEEN_PATCH_SETS, self::SIXTEEN_PATCH_SINGLES]),
        };
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return match ($spec->kind->value) {
            self::STRIPS => self::strips($spec->finished, $spec->widths(), $spec->slots),
            self::UNEVEN_NINE_PATCH => self::unevenNinePatch(
                $spec->finished->width, $spec->options->edge ?? throw $spec->missing('edge'), $spec->slots,
            ),
            default => self::sixteenPatch($spec->finished->width, $spec->slots),
        };
    }

    public static function example(string $kind, Size $size, int $fabrics): UnitOptions
    {
        return match ($kind) {
            self::STRIPS => UnitOptions::unequal($size->width, $fabrics),
            self::UNEVEN_NINE_PATCH => new UnitOptions(edge: $size->height->dividedBy(5)),
            default => new UnitOptions,
        };
    }

    public static function usual(string $kind, Size $size, array $fabrics): array
    {
        return match ($kind) {
            self::STRIPS => UnitOptions::equal($size->width, count($fabrics)),
            self::UNEVEN_NINE_PATCH => ['edge' => LengthText::of($size->height->dividedBy(4))],
            default => [],
        };
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
                $patches[] = new Patch(
                    $this->slots[$this->roles[$row][$column]]->id,
                    Outline::rectangle($left, $top, new Size($width, $height)),
                );
                $left = $left->plus($width);
            }
            $top = $top->plus($height);
        }

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        $ids = array_map(fn (array $row): array => array_map(fn (int $role): string => $this->slots[$role]->id, $row), $this->roles);
        $size = $this->finished()->outsetBy($room->seam);
        $sewn = [
            Measurement::sewn($size->width, array_map($room->unfinished(...), $this->columns)),
            Measurement::sewn($size->height, array_map($room->unfinished(...), $this->rows)),
        ];
        $rows = SeamPairs::inRows(count($this->columns), count($this->rows));
        if ($method->is($this->sets)) {
            $pieces = StripSets::pieces($this->columns, $this->rows, $ids, $room);

            return new Making(
                $method,
                $pieces,
                [...$this->setSteps($pieces, $sewn[0], $rows, $room), ...$this->finish($sewn)],
                sewn: $sewn,
            );
        }
        if (! $method->is($this->singles)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }

        return new Making($method, StripSets::singles($this->columns, $this->rows, $ids, $room), [
            ...($rows === [] ? [] : [
                new Step(StepKind::Sew, 'strip_grid.singles.sew', ['seam' => $room->allowance()], on: $rows),
                new Step(StepKind::Press, 'strip_grid.singles.press', on: $rows),
            ]),
            ...$this->finish($sewn),
        ], sewn: $sewn);
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  list<On>  $rows
     * @return list<Step>
     */
    private function setSteps(array $pieces, Measurement $width, array $rows, CuttingRoom $room): array
    {
        $segments = array_values(array_filter($pieces, fn (Piece $piece): bool => $piece->isSegment()));
        $all = array_map(fn (Piece $segment): On => On::piece($segment->id), $segments);
        $cuts = array_map(fn (Piece $segment): Step => new Step(
            StepKind::Cut, 'four_patch.strips.cut', ['segment' => $segment->width],
            counts: ['segments' => $segment->perSet($room->usableWidth, $room->squaring)], on: [On::piece($segment->id)],
        ), $segments);
        if ($rows === []) {
            return $cuts;
        }

        return [
            new Step(StepKind::Sew, 'strip_grid.sets.sew', ['seam' => $room->allowance()], on: [...$all, ...$rows]),
            new Step(StepKind::Check, 'strip_grid.sets.edge', [
                // After one seam the outermost strip has lost one allowance; the ones inside have lost two.
                'edge' => Measurement::sewn($this->columns[0]->plus($room->seam), [$room->unfinished($this->columns[0])]),
                'finished' => Measurement::sewn($this->columns[1], [$room->unfinished($this->columns[1])]),
            ], on: [On::edge(0, 3)]),
            new Step(StepKind::Press, 'rail.strips.press', on: [...$all, ...$rows]),
            new Step(StepKind::Check, 'four_patch.strips.check', ['sewn' => $width], on: $all),
            ...$cuts,
        ];
    }

    /**
     * @param  array{Measurement, Measurement}  $sewn
     * @return list<Step>
     */
    private function finish(array $sewn): array
    {
        $last = SeamPairs::betweenRows(count($this->columns), count($this->rows));

        return [
            ...($last === [] ? [] : [
                new Step(StepKind::Layer, 'strip_grid.join', on: $last),
                new Step(StepKind::Sew, 'strip_grid.sew_rows', on: $last),
                new Step(StepKind::Press, 'strip_grid.press_rows', on: $last),
            ]),
            new Step(StepKind::Trim, 'strip_grid.trim', ['width' => $sewn[0], 'unfinished' => $sewn[1]], on: [On::whole()]),
        ];
    }
}
