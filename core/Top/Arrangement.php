<?php

declare(strict_types=1);

namespace Dew\Core\Top;

use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Measure\Length;
use Dew\Core\Sheet\LayoutSheet;

/**
 * Which block lies at which place of a lay-out, and how it is turned there. Places are counted from zero in the order of the host's
 * arrangement: row by row from the top left, and on point the places between the rows behind those.
 */
final readonly class Arrangement
{
    /** Inches along which two patches must touch to be seen as one. */
    private const TOUCH = 0.1;

    private const GRAIN = 0.002;

    /** @param  list<Laid>  $laid  by place */
    private function __construct(
        private LayoutSheet $sheet,
        public array $laid,
    ) {
    }

    /** As the host has laid it out. */
    public static function designed(LayoutSheet $sheet): self
    {
        return new self($sheet, array_map(fn (Placement $place): Laid => new Laid($place->product), $sheet->placements));
    }

    /**
     * @param  list<string>  $codes  for each place the product and its turns, such as `b-lantern*2`
     *
     * @throws LayoutRefused when these are not the blocks of the lay-out, each as often as it is there
     */
    public static function of(LayoutSheet $sheet, array $codes): self
    {
        if (count($codes) !== count($sheet->placements)) {
            throw new LayoutRefused('places', ['asked' => count($codes), 'there' => count($sheet->placements)]);
        }
        $left = array_count_values(array_map(fn (Placement $place): string => $place->product, $sheet->placements));
        $laid = [];
        foreach ($codes as $code) {
            [$product, $turn] = explode('*', $code, 2) + [1 => '0'];
            if (($left[$product] ?? 0) < 1) {
                throw new LayoutRefused(
                    isset($left[$product]) ? 'too_many' : 'unknown_block', ['block' => $sheet->names[$product] ?? $product],
                );
            }
            if (preg_match('/^[0-3]$/', $turn) !== 1) {
                throw new LayoutRefused('turn');
            }
            $left[$product]--;
            $laid[] = new Laid($product, (int) $turn);
        }

        return new self($sheet, $laid);
    }

    /** @return list<string> */
    public function codes(): array
    {
        return array_map(fn (Laid $laid): string => $laid->product.($laid->turn === 0 ? '' : '*'.$laid->turn), $this->laid);
    }

    public function isDesigned(): bool
    {
        return $this->codes() === self::designed($this->sheet)->codes();
    }

    /** @throws LayoutRefused */
    public function swapped(int $one, int $other): self
    {
        if (! isset($this->laid[$one], $this->laid[$other])) {
            throw new LayoutRefused('no_place');
        }
        $laid = $this->laid;
        [$laid[$one], $laid[$other]] = [$laid[$other], $laid[$one]];

        return new self($this->sheet, array_values($laid));
    }

    /**
     * A block turned clockwise: by a quarter, or by a half where blocks are no squares.
     *
     * @throws LayoutRefused
     */
    public function turned(int $place): self
    {
        if (! isset($this->laid[$place])) {
            throw new LayoutRefused('no_place');
        }
        $laid = $this->laid;
        $laid[$place] = new Laid($laid[$place]->product, ($laid[$place]->turn + ($this->sheet->block->isSquare() ? 1 : 2)) % 4);

        return new self($this->sheet, array_values($laid));
    }

    /** @return list<Placement> where every block lies in the quilt */
    public function placements(): array
    {
        return array_map($this->placement(...), $this->laid, $this->sheet->placements);
    }

    private function placement(Laid $laid, Placement $place): Placement
    {
        [$width, $height, $zero] = [$this->sheet->block->width, $this->sheet->block->height, Length::zero()];
        // Where the top left corner of the turned block lies, seen from the place's own corner along the place's own axes.
        [$right, $down] = match ($laid->turn) {
            1 => [$width, $zero],
            2 => [$width, $height],
            3 => [$zero, $height],
            default => [$zero, $zero],
        };
        if ($place->turn === 45) {
            [$right, $down] = [
                $right->minus($down)->timesRoot2()->dividedBy(2), $right->plus($down)->timesRoot2()->dividedBy(2),
            ];
        }

        return new Placement($laid->product, $place->x->plus($right), $place->y->plus($down), $place->turn + 90 * $laid->turn);
    }

    /**
     * What somebody may not have meant. What the host's own arrangement does too is no warning.
     *
     * @param  list<string>  $directed  ids of fabrics with a direction
     * @return list<LayoutWarning> by place
     */
    public function warnings(array $directed = []): array
    {
        if ($this->sheet->kind === 'sixty') {
            return [];
        }
        $designed = self::designed($this->sheet);
        [$usualTwins, $usualMeets] = $designed->meetings();
        [$twins, $meets] = $this->meetings();
        $warnings = [];
        foreach ($usualTwins === [] ? $twins : [] as [$one, $other]) {
            $warnings[] = new LayoutWarning('twins', $one, $other);
        }
        $usual = array_column($usualMeets, 2, 2);
        foreach ($meets as [$one, $other, $slot]) {
            if (! isset($usual[$slot])) {
                $warnings[] = new LayoutWarning('meets', $one, $other, $slot);
            }
        }
        foreach ($this->laid as $place => $laid) {
            if ($laid->turn === 0) {
                continue;
            }
            if (! $this->looksAlike($laid)) {
                $warnings[] = new LayoutWarning('turned', $place);
            }
            $slots = array_unique(array_map(fn (Patch $patch): string => $patch->slot, $this->sheet->patches($laid->product)));
            foreach (array_intersect($directed, $slots) as $slot) {
                $warnings[] = new LayoutWarning($laid->turn === 2 ? 'upside_down' : 'sideways', $place, null, $slot);
            }
        }
        usort($warnings, fn (LayoutWarning $a, LayoutWarning $b): int => $a->first <=> $b->first);

        return $warnings;
    }

    /** Whether a block looks the same turned as it lies as it does upright. */
    private function looksAlike(Laid $laid): bool
    {
        $form = fn (int $turn): array => self::sorted(array_map(
            fn (Patch $patch): string => $patch->slot.' '.self::outlineText(
                $patch->oriented(Orientation::of(90 * $turn), $this->sheet->block),
            ),
            $this->sheet->patches($laid->product),
        ));

        return $form(0) === $form($laid->turn);
    }

    private static function outlineText(Patch $patch): string
    {
        $corners = [];
        foreach ($patch->outline->corners as $corner) {
            $corners[] = sprintf('%.3f %.3f', $corner->x->toFloat() + 0.0, $corner->y->toFloat() + 0.0);
        }

        return implode(' ', self::sorted($corners));
    }

    /**
     * @param  list<string>  $texts
     * @return list<string>
     */
    private static function sorted(array $texts): array
    {
        sort($texts);

        return $texts;
    }

    /**
     * Neighbours that are of one kind, and fabrics that meet themselves across the edges of two blocks.
     *
     * @return array{list<array{int, int}>, list<array{int, int, string}>}
     */
    private function meetings(): array
    {
        $twins = $meets = [];
        /** @var array<string, list<array{float, float, string}>> $sides */
        $sides = [];
        $edge = function (Laid $laid, int $side) use (&$sides): array {
            $side = ($side - $laid->turn + 4) % 4;

            return $sides["$laid->product $side"] ??= $this->edge($laid->product, $side);
        };
        foreach ($this->neighbours() as [$one, $other, $down]) {
            [$first, $second] = [$this->laid[$one], $this->laid[$other]];
            if ($first->product === $second->product) {
                $twins[] = [$one, $other];
            }
            if (! $this->touch($one, $other)) {
                continue;
            }
            // Sides are counted clockwise from the top, and run clockwise: two that meet run against each other.
            $long = ($down ? $this->sheet->block->width : $this->sheet->block->height)->toFloat();
            foreach ($edge($first, $down ? 2 : 1) as [$from, $to, $slot]) {
                foreach ($edge($second, $down ? 0 : 3) as [$start, $end, $cloth]) {
                    if ($slot === $cloth && min($to, $long - $start) - max($from, $long - $end) > self::TOUCH) {
                        $meets["$one $other $slot"] = [$one, $other, $slot];
                    }
                }
            }
        }

        return [$twins, array_values($meets)];
    }

    /**
     * What lies along one side of an upright block.
     *
     * @param  int  $side  0 for the top, then clockwise
     * @return list<array{float, float, string}> from and to along it, clockwise, and the fabric
     */
    private function edge(string $product, int $side): array
    {
        [$width, $height] = [$this->sheet->block->width->toFloat(), $this->sheet->block->height->toFloat()];
        $along = [];
        foreach ($this->sheet->patches($product) as $patch) {
            foreach (array_keys($patch->outline->corners) as $index) {
                [$x1, $y1, $x2, $y2] = $patch->outline->edge($index);
                [$off1, $off2, $a, $b] = match ($side) {
                    0 => [$y1, $y2, $x1, $x2],
                    1 => [$x1 - $width, $x2 - $width, $y1, $y2],
                    2 => [$y1 - $height, $y2 - $height, $width - $x1, $width - $x2],
                    default => [$x1, $x2, $height - $y1, $height - $y2],
                };
                if (abs($off1) < self::GRAIN && abs($off2) < self::GRAIN) {
                    $along[] = [min($a, $b), max($a, $b), $patch->slot];
                }
            }
        }

        return $along;
    }

    /**
     * Places side by side along the axes of the blocks, across a sash too.
     *
     * @return list<array{int, int, bool}> the place, the next one to its right or below, and whether it is the one below
     */
    private function neighbours(): array
    {
        $at = $this->grid();
        $places = [];
        foreach ($at as $number => [$column, $row]) {
            $places["$column $row"] = $number;
        }
        $pairs = [];
        foreach ($at as $number => [$column, $row]) {
            foreach ([[1, 0, false], [0, 1, true]] as [$right, $down, $below]) {
                $other = $places[($column + $right).' '.($row + $down)] ?? null;
                if ($other !== null) {
                    $pairs[] = [$number, $other, $below];
                }
            }
        }

        return $pairs;
    }

    /** @return list<array{int, int}> column and row of every place along the axes of the blocks */
    public function grid(): array
    {
        $corners = array_map(function (Placement $place): array {
            [$x, $y] = [$place->x->toFloat(), $place->y->toFloat()];

            return $place->turn === 45 ? [($x + $y) * M_SQRT1_2, ($y - $x) * M_SQRT1_2] : [$x, $y];
        }, $this->sheet->placements);
        $rank = function (int $axis) use ($corners): array {
            $values = array_map(fn (array $corner): string => sprintf('%012.3f', $corner[$axis] + 10000), $corners);
            $order = array_values(array_unique($values));
            sort($order);

            return array_map(fn (string $value): int => (int) array_search($value, $order, true), $values);
        };

        return array_map(fn (int $column, int $row): array => [$column, $row], $rank(0), $rank(1));
    }

    /** Whether nothing lies between two places side by side. */
    private function touch(int $one, int $other): bool
    {
        [$first, $second] = [$this->sheet->placements[$one], $this->sheet->placements[$other]];
        $far = hypot($second->x->toFloat() - $first->x->toFloat(), $second->y->toFloat() - $first->y->toFloat());

        return $far < max($this->sheet->block->width->toFloat(), $this->sheet->block->height->toFloat()) + self::GRAIN;
    }

    /** @return list<string> the name of every place, such as B3: the row's letter from the top, and its number in the row from the left */
    public function labels(): array
    {
        $labels = array_fill(0, count($this->sheet->placements), '');
        $rows = [];
        foreach ($this->sheet->placements as $number => $placement) {
            $rows[sprintf('%012.3f', $placement->y->toFloat())][$number] = $placement->x->toFloat();
        }
        ksort($rows);
        $letter = 'A';
        foreach ($rows as $row) {
            asort($row);
            foreach (array_keys($row) as $index => $place) {
                $labels[$place] = $letter.($index + 1);
            }
            $letter++;
        }

        return array_values($labels);
    }
}
