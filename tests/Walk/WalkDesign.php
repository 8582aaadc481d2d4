<?php

declare(strict_types=1);

namespace Tests\Walk;

use Dew\Core\Draft\Kind\NewUnit;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\UnitKind;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A design as a host might upload it, made up from a number: the same number gives the same design. Every kind of unit, every setting, both
 * measures, and sizes up to hundreds of blocks come up. It has no clues yet: those come from the suggested split, as a host takes it.
 */
final class WalkDesign
{
    private const INCHES = ['1 1/2', '2', '2 1/2', '3', '3 1/8', '3 1/2', '4', '4 3/4', '6'];

    private const CENTIMETRES = ['4', '5', '6', '7.5', '8', '9.5', '10', '12'];

    private const LETTERS = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H'];

    /** Of these the sides must be in proportion, or lie in a cell twice as wide as high. */
    private const WIDE = ['geese', 'half-rectangle', 'peak', 'rectangle', 'corners', 'strips'];

    private readonly Randomizer $dice;

    private readonly bool $metric;

    /** @var list<string> */
    private array $fabrics = [];

    /** @var list<array<string, mixed>> */
    private array $units = [];

    private function __construct(private readonly int $seed)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
        $this->metric = $this->chance(50);
    }

    /** @return array<string, mixed> a design document of format 3 without clues */
    public static function of(int $seed): array
    {
        return (new self($seed))->document();
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $this->fabrics = array_map(fn (int $index): string => "f-$index", range(1, $this->dice->getInt(3, 8)));
        $isSixty = $this->chance(15);
        [$blocks, $side] = $isSixty ? [$this->sixtyBlocks(), null] : $this->blocks();

        return [
            'dew' => 3, 'id' => "walk-$this->seed", 'title' => "Walk $this->seed",
            'seam' => $this->metric ? $this->one(['7 mm', '0.75 cm', '1/4']) : $this->one(['1/4', '1/4', '3/8']),
            'usable_width' => $this->metric ? $this->one(['108 cm', '106 cm']) : $this->one(['40', '42', '108']),
            'fabrics' => array_map(fn (string $id, int $index): array => [
                'id' => $id, 'letter' => self::LETTERS[$index], 'name' => 'Cloth '.self::LETTERS[$index],
                'value' => ['light', 'dark', 'medium'][$index % 3],
            ], $this->fabrics, array_keys($this->fabrics)),
            'colourways' => [['id' => 'c-one', 'name' => 'One', 'cloth' => array_combine($this->fabrics, array_map(
                fn (int $index): array => ['name' => "no. $index", 'colour' => sprintf('#%02x%02x%02x', 230 - 25 * $index, 40 + 24 * $index, 90)],
                array_keys($this->fabrics),
            ))]],
            'units' => $this->units,
            'blocks' => $blocks,
            'setting' => $isSixty ? $this->sixtySetting($blocks) : $this->setting($blocks),
            'sizes' => $this->sizes($isSixty),
            'clues' => [['id' => 'k-one', 'title' => 'One', 'minutes' => 120, 'introduction' => 'We begin.', 'tasks' => []]],
        ];
    }

    /** @return array{list<array<string, mixed>>, string} blocks that finish alike, and their side */
    private function blocks(): array
    {
        $cells = $this->one([1, 2, 2, 3, 3, 4, 6]);
        $cell = $this->one($this->metric ? self::CENTIMETRES : self::INCHES);
        $blocks = [];
        for ($number = 1; $number <= $this->dice->getInt(1, 3); $number++) {
            $small = array_map(fn (): string => $this->unit($this->one(self::filling()), $cell, $cell), range(1, $this->dice->getInt(1, 3)));
            $wide = $cells > 1 && $this->chance(40) ? $this->unit(UnitLibrary::kind($this->one(self::WIDE)), $this->times($cell, 2), $cell) : null;
            $blocks[] = [
                'id' => "b-$number", 'name' => "Block $number",
                'columns' => array_fill(0, $cells, $this->length($cell)), 'rows' => array_fill(0, $cells, $this->length($cell)),
                'cells' => $this->cells($cells, $small, $wide),
            ];
        }

        return [$blocks, $this->times($cell, $cells)];
    }

    /**
     * @param  non-empty-list<string>  $small
     * @return list<array<string, mixed>>
     */
    private function cells(int $cells, array $small, ?string $wide): array
    {
        $laid = [];
        for ($row = 1; $row <= $cells; $row++) {
            for ($column = 1; $column <= $cells; $column++) {
                if ($wide !== null && $column < $cells && $this->chance(30)) {
                    $laid[] = ['column' => $column, 'row' => $row, 'across' => 2, 'unit' => $wide, 'turn' => $this->one([0, 180])];
                    $column++;
                } else {
                    $laid[] = ['column' => $column, 'row' => $row, 'unit' => $this->one($small), 'turn' => $this->one([0, 90, 180, 270])]
                        + ($this->chance(10) ? ['mirror' => true] : []);
                }
            }
        }

        return $laid;
    }

    private function unit(UnitKind $kind, string $width, string $height): string
    {
        $id = 'u-'.(count($this->units) + 1);
        $fabrics = $this->dice->shuffleArray($this->fabrics);
        $given = NewUnit::usual($kind, $this->length($width), $this->length($height), array_values($fabrics));
        if ($kind->is('triangle-row')) {
            // The side of its triangles; it is laid where a row of them fits, which this is not.
            $given = NewUnit::usual(UnitLibrary::kind('rectangle'), $this->length($width), $this->length($height), array_values($fabrics));
        }
        $this->units[] = ['id' => $id, 'name' => ucfirst(str_replace('-', ' ', $kind->value)).' '.count($this->units)] + $given;

        return $id;
    }

    /** @return list<UnitKind> kinds that fill a square */
    private static function filling(): array
    {
        return array_values(array_filter(
            UnitLibrary::kinds(),
            fn (UnitKind $kind): bool => ! $kind->isFree() && ! $kind->is('geese', 'triangle-row'),
        ));
    }

    /** @return list<array<string, mixed>> one triangle of small ones */
    private function sixtyBlocks(): array
    {
        $edge = $this->length($this->one($this->metric ? ['5', '6', '8'] : ['2', '2 1/2', '3']));
        $rows = $this->dice->getInt(1, 3);
        foreach ([UnitLibrary::kind('triangle-60'), UnitLibrary::kind('triangle-60'), UnitLibrary::kind('half-triangle-60')] as $index => $kind) {
            $this->units[] = ['id' => 'u-'.($index + 1), 'name' => "Piece $index", ...NewUnit::usual(
                $kind, $edge, $edge, array_values($this->dice->shuffleArray($this->fabrics)),
            )];
        }
        $triangle = [];
        for ($row = 1; $row <= $rows; $row++) {
            for ($column = 1; $column < 2 * $row; $column++) {
                $triangle[] = ['column' => $column, 'row' => $row, 'unit' => $this->one(['u-1', 'u-2'])];
            }
        }

        return [['id' => 'b-1', 'name' => 'Spark', 'sixty' => ['shape' => 'triangle', 'edge' => $edge, 'rows' => $rows], 'cells' => $triangle]];
    }

    /**
     * @param  list<array<string, mixed>>  $blocks
     * @return array<string, mixed>
     */
    private function sixtySetting(array $blocks): array
    {
        return ['kind' => 'sixty', 'pattern' => [[$blocks[0]['id']]], 'triangles' => ['side' => $this->one($this->fabrics)], ...$this->borders()];
    }

    /**
     * @param  list<array<string, mixed>>  $blocks
     * @return array<string, mixed>
     */
    private function setting(array $blocks): array
    {
        $ids = array_column($blocks, 'id');
        $wide = $this->dice->getInt(1, 3);
        $pattern = array_map(
            fn (): array => array_map(fn (): string => $this->one($ids), range(1, $wide)),
            range(1, $this->dice->getInt(1, 3)),
        );
        $kind = $this->one(['straight', 'straight', 'straight', 'on-point', 'quilted']);
        $strip = $this->length($this->metric ? $this->one(['2', '2.5', '4']) : $this->one(['1', '1 1/2', '2']));
        $sashing = $this->chance(45) && $kind !== 'quilted' ? ['sashing' => array_filter([
            'width' => $strip, 'fabric' => $this->one($this->fabrics),
            'cornerstones' => $kind === 'on-point' || $this->chance(50) ? $this->one($this->fabrics) : null,
            'outside' => $kind === 'straight' && $this->chance(50) ? true : null,
        ], fn (mixed $value): bool => $value !== null)] : [];

        return ['kind' => $kind === 'quilted' ? 'straight' : $kind, 'pattern' => $pattern, ...$sashing, ...match (true) {
            $kind === 'quilted' => ['quilting' => [
                'join' => $this->one(['back-to-front', 'front-to-back', 'cover-strip', 'sewn-through']), 'allowance' => $this->metric ? '1.5 cm' : '1/2',
            ]],
            $kind === 'on-point' => [
                'triangles' => ['side' => $this->one($this->fabrics), 'corner' => $this->one($this->fabrics)],
                'alternate' => $this->one($ids),
            ],
            default => [],
        }, ...$kind === 'quilted' ? [] : $this->borders()];
    }

    /** @return array<string, mixed> with the key borders, or nothing */
    private function borders(): array
    {
        $borders = [];
        for ($number = 1; $number <= $this->dice->getInt(0, 3); $number++) {
            $borders[] = [
                'id' => "e-$number", 'name' => "Edge $number", 'fabric' => $this->one($this->fabrics),
                'width' => $this->length($this->metric ? $this->one(['3', '5', '7.5', '12']) : $this->one(['1', '2', '3 1/2', '6'])),
            ] + match ($this->dice->getInt(1, 4)) {
                1 => ['mitred' => true],
                2 => ['corner_fabric' => $this->one($this->fabrics)],
                default => [],
            };
        }

        return $borders === [] ? [] : ['borders' => $borders];
    }

    /** @return list<array<string, mixed>> */
    private function sizes(bool $isSixty): array
    {
        $sizes = [];
        $most = $this->chance(8) ? 24 : 7;
        for ($number = 1; $number <= $this->dice->getInt(1, 4); $number++) {
            $sizes[] = [
                'id' => "s-$number", 'name' => "Size $number",
                'columns' => $this->dice->getInt(2, $isSixty ? 2 * $most : $most), 'rows' => $this->dice->getInt(2, $most),
            ];
        }

        return $sizes;
    }

    private function times(string $length, int $by): string
    {
        return $this->metric
            ? rtrim(rtrim(number_format((float) $length * $by, 2, '.', ''), '0'), '.')
            : LengthText::of(Length::parse($length)->times($by));
    }

    private function length(string $number): string
    {
        return $this->metric ? "$number cm" : $number;
    }

    private function chance(int $percent): bool
    {
        return $this->dice->getInt(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param  array<array-key, T>  $from
     * @return T
     */
    private function one(array $from): mixed
    {
        $from = array_values($from);

        return $from[$this->dice->getInt(0, count($from) - 1)];
    }
}
