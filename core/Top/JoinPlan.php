<?php

declare(strict_types=1);

namespace Dew\Core\Top;

use Dew\Core\Geometry\Joined;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\SewingPlan;
use Dew\Core\Measure\Measurement;
use Dew\Core\Press\Copies;
use Dew\Core\Press\PressBook;
use Dew\Core\Press\PressLook;
use Dew\Core\Press\PressModel;
use Dew\Core\Press\PressSolver;
use Dew\Core\Sheet\LayoutSheet;

/**
 * The stages in which a top is joined, what each of its parts measures and how it is pressed.
 *
 * By rows, the stages follow how the top can be parted by straight lines, which {@see PressModel} finds; so sashing, on-point settings and
 * borders need no rules of their own.
 */
final readonly class JoinPlan
{
    /** @param  list<TopStage>  $stages */
    private function __construct(
        public JoinMethod $method,
        public array $stages,
    ) {
    }

    /**
     * The ways in which a lay-out can be joined: by webbing and quarters only where blocks lie in a grid with nothing between them.
     *
     * @return non-empty-list<JoinMethod>
     */
    public static function methods(LayoutSheet $sheet): array
    {
        $grid = Arrangement::designed($sheet)->grid();
        [$columns, $rows] = self::gridSize($grid);
        $isGrid = $sheet->kind === 'straight' && ! in_array(LayoutSheet::CENTRE, $sheet->owners, true) && count($grid) === $columns * $rows;

        return array_values(array_filter(JoinMethod::cases(), fn (JoinMethod $method): bool => match ($method) {
            JoinMethod::Rows => true,
            JoinMethod::Webbing => $isGrid && $columns > 1 && $rows > 1,
            JoinMethod::Quarters => $isGrid && $columns > 2 && $rows > 2,
        }));
    }

    /**
     * @param  array<string, int>  $depths  0 for light, 1 for medium, 2 for dark, by fabric slot
     * @param  array<string, PressLook>  $pressed  how the blocks are pressed, by product key; the sheet's where there is none
     */
    public static function of(
        LayoutSheet $sheet, Arrangement $arrangement, JoinMethod $method, array $depths, array $pressed = [],
    ): self {
        $placements = $arrangement->placements();
        $grid = $arrangement->grid();
        $isPlanned = $pressed === [] && $arrangement->isDesigned() && $method !== JoinMethod::Quarters;
        $look = $isPlanned ? $sheet->press[''] ?? null : null;
        $top = $sheet->sewn($placements, $depths);
        $model = PressModel::of($method === JoinMethod::Quarters ? $top->inOrder(self::quarterRounds($grid)) : $top, $look === null ? Copies::Alike : $sheet->copies);
        if ($look === null) {
            $known = array_map(fn (PressLook $one): array => PressLook::codes($one->flags), $pressed + array_diff_key($sheet->press, ['' => true]));
            $look = PressBook::of(
                PressSolver::plan($model, $sheet->school, PressBook::fixed($model, $known)),
            )->look('') ?? new PressLook([]);
        }

        return new self($method, match ($method) {
            JoinMethod::Rows => self::byRows($sheet, $placements, $model, $look),
            JoinMethod::Webbing => [
                ...self::webbing($sheet, $grid, $look, $placements), ...self::borders($sheet, $placements, $model, $look),
            ],
            JoinMethod::Quarters => [...self::quarters($sheet, $grid, $look, $placements), ...self::borders($sheet, $placements, $model, $look)],
        });
    }

    /** The part with a key; null when there is none. */
    public function part(string $key): ?TopPart
    {
        foreach ($this->stages as $stage) {
            foreach ($stage->parts as $part) {
                if ($part->key === $key) {
                    return $part;
                }
            }
        }

        return null;
    }

    /** How many parts there are to sew. */
    public function count(): int
    {
        return array_sum(array_map(fn (TopStage $stage): int => count($stage->parts), $this->stages));
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<TopStage>
     */
    private static function byRows(LayoutSheet $sheet, array $placements, PressModel $model, PressLook $look): array
    {
        if ($sheet->kind === 'sixty') {
            return [...self::triangles($placements, $model, $look), ...self::borders($sheet, $placements, $model, $look)];
        }
        $rows = $joins = [];
        foreach ($model->groups as [$dx, $dy, $strips]) {
            $items = array_merge(...$strips);
            if (self::border($items, $sheet, count($placements)) !== null) {
                continue;
            }
            $isRow = array_filter($strips, fn (array $strip): bool => count($strip) > 1) === [];
            $number = count($isRow ? $rows : $joins) + 1;
            $part = new TopPart(
                ($isRow ? 'rows:row-' : 'rows:join-').$number, $number, count($strips),
                self::isLevel($dx, $dy) ? self::measured($items, $placements, $sheet) : null,
                self::isLevel($dx, $dy) || ! $isRow ? null : self::slantedAcross($items, $placements, $sheet),
                self::ways($look, $strips), array_values(array_filter($items, fn (int $item): bool => $item < count($placements))),
                self::toward($look, $strips, $placements), self::each($look, $strips), clashes: self::clashes($look, $strips),
            );
            if ($isRow) {
                $rows[] = $part;
            } else {
                $joins[] = $part;
            }
        }

        return [
            ...$rows === [] ? [] : [new TopStage('rows', $rows)],
            ...$joins === [] ? [] : [new TopStage('join', $joins)],
            ...self::borders($sheet, $placements, $model, $look),
        ];
    }

    /**
     * Rows of triangles: within a row the seams lean by turns, so the row is one part, and the rows are joined by level seams.
     *
     * @param  list<Placement>  $placements
     * @return list<TopStage>
     */
    private static function triangles(array $placements, PressModel $model, PressLook $look): array
    {
        foreach ($model->groups as [, $dy, $strips]) {
            if (abs($dy) > 1e-6) {
                continue;
            }
            $rows = [];
            foreach ($strips as $index => $strip) {
                sort($strip);
                $rows[] = new TopPart('rows:row-'.($index + 1), $index + 1, count($strip), null, null, [], array_values(array_filter(
                    $strip, fn (int $item): bool => $item < count($placements),
                )));
            }

            return [new TopStage('rows', $rows), new TopStage('join', [new TopPart(
                'rows:join-1', 1, count($strips), null, null, self::ways($look, $strips), [], null, self::each($look, $strips),
                clashes: self::clashes($look, $strips),
            )])];
        }

        // A single row.
        return [new TopStage('rows', [new TopPart(
            'rows:row-1', 1, count($model->items['']), null, null, [], array_keys($placements),
        )])];
    }

    /**
     * The borders, from the inside outwards: where they are plain, sides first.
     *
     * @param  list<Placement>  $placements
     * @return list<TopStage>
     */
    private static function borders(LayoutSheet $sheet, array $placements, PressModel $model, PressLook $look): array
    {
        $found = [];
        foreach ($model->groups as [, , $strips]) {
            $items = array_merge(...$strips);
            $border = self::border($items, $sheet, count($placements));
            // A pieced border is sewn in a task of its own; here it is sewn on.
            if ($border === null || array_filter($items, fn (int $item): bool => $item < count($placements)) === []) {
                continue;
            }
            $number = count($found[$border] ?? []) + 1;
            $found[$border][] = new TopPart(
                "border:$border:$number", $number, count($strips), self::measured($items, $placements, $sheet), null,
                self::ways($look, $strips), [], self::outwards($look, $strips, $border, $sheet, count($placements)),
                clashes: self::clashes($look, $strips),
            );
        }
        $stages = [];
        foreach (array_map(strval(...), array_keys($sheet->borders)) as $border) {
            // Strips that meet on a slant part nowhere: all four are sewn on in one go.
            $stages[] = new TopStage('border', $found[$border] ?? [new TopPart("border:$border:1", 1, 5, null)], $border);
        }

        return $stages;
    }

    /**
     * The outermost border among what is sewn together; null where none is.
     *
     * @param  list<int>  $items
     */
    private static function border(array $items, LayoutSheet $sheet, int $blocks): ?string
    {
        $outermost = null;
        $order = array_flip(array_map(strval(...), array_keys($sheet->borders)));
        foreach ($items as $item) {
            $owner = $item < $blocks ? '' : $sheet->owners[$item - $blocks];
            if ($owner !== '' && ($outermost === null || $order[$owner] > $order[$outermost])) {
                $outermost = $owner;
            }
        }

        return $outermost;
    }

    /**
     * @param  list<array{int, int}>  $grid
     * @param  list<Placement>  $placements
     * @return list<TopStage>
     */
    private static function webbing(LayoutSheet $sheet, array $grid, PressLook $look, array $placements): array
    {
        [$columns, $rows] = self::gridSize($grid);
        $at = self::places($grid);
        $upTo = fn (int $across, int $down): array => self::measured(
            array_merge(...array_map(fn (int $row): array => array_slice(array_values($at[$row]), 0, $across), range(0, $down - 1))),
            $placements, $sheet,
        );
        $webs = $cross = [];
        for ($column = 1; $column < $columns; $column++) {
            $ways = [];
            for ($row = 0; $row < $rows; $row++) {
                $ways[] = $look->between($at[$row][$column - 1], $at[$row][$column])?->way();
            }
            $sides = array_map(
                fn (int $side): array => array_map(fn (int $row): int => $at[$row][$side], range(0, $rows - 1)), [$column - 1, $column],
            );
            $known = array_values(array_filter($ways, is_string(...)));
            $webs[] = new TopPart(
                'webbing:column-'.($column + 1), $column + 1, $rows, null, $upTo($column + 1, $rows)[0],
                self::once($ways), $sides[1], self::toward($look, $sides, $placements), count($known) === $rows ? $known : [],
                // One seam in each row.
                clashes: array_merge(...array_map(fn (int $row): array => array_map(
                    fn (array $clash): array => [$row + 1, $clash[1]], self::clashes($look, [[$at[$row][$column - 1]], [$at[$row][$column]]]),
                ), range(0, $rows - 1))),
            );
        }
        for ($row = 1; $row < $rows; $row++) {
            $cross[] = new TopPart(
                'webbing:cross-'.$row, $row, $columns,
                $upTo($columns, $row + 1), null,
                self::once([$look->between($at[$row - 1][0], $at[$row][0])?->way()]), [],
                clashes: self::clashes($look, [array_values($at[$row - 1]), array_values($at[$row])]),
            );
        }

        return [new TopStage('columns', $webs), new TopStage('cross', $cross)];
    }

    /**
     * @param  list<array{int, int}>  $grid
     * @param  list<Placement>  $placements
     * @return list<TopStage>
     */
    private static function quarters(LayoutSheet $sheet, array $grid, PressLook $look, array $placements): array
    {
        $quarters = $halves = $whole = $sides = [];
        foreach (self::quartersOf($grid) as $lower => [$left, $right]) {
            foreach ([$left, $right] as $rows) {
                $number = count($quarters) + 1;
                $seams = array_map(fn (array $row): array => array_map(fn (int $place): array => [$place], $row), $rows);
                $quarters[] = new TopPart(
                    "quarters:quarter-$number", $number, count(array_merge(...$rows)),
                    self::measured(array_merge(...$rows), $placements, $sheet), places: array_merge(...$rows),
                    ways: self::ways($look, $rows), each: self::each($look, $rows),
                    rows: array_values(array_filter(array_map(fn (array $row): array => self::each($look, $row), $seams))),
                    clashes: self::clashes($look, $rows),
                );
            }
            $half = array_map(fn (array $one, array $other): array => [...$one, ...$other], $left, $right);
            $halves[] = self::quarterJoin(
                'quarters:half-'.($lower + 1), $lower + 1, [array_merge(...$left), array_merge(...$right)], self::measured(array_merge(...$half), $placements, $sheet), $look,
            );
            $whole = [...$whole, ...$half];
            $sides[] = array_merge(...$half);
        }

        return [
            new TopStage('quarters', $quarters), new TopStage('halves', $halves),
            new TopStage('whole', [self::quarterJoin('quarters:whole', 1, $sides, self::measured(array_merge(...$whole), $placements, $sheet), $look)]),
        ];
    }

    /**
     * @param  list<list<int>>  $sides  numbers of the places on both sides of the seam
     * @param  array{Measurement, Measurement}  $measures
     */
    private static function quarterJoin(string $key, int $number, array $sides, array $measures, PressLook $look): TopPart
    {
        return new TopPart($key, $number, 2, $measures, ways: self::ways($look, $sides), clashes: self::clashes($look, $sides));
    }

    /**
     * The quarters of a grid: the two upper ones and the two lower ones, each with the numbers of its places row by row.
     *
     * @param  list<array{int, int}>  $grid
     * @return list<array{list<list<int>>, list<list<int>>}>
     */
    private static function quartersOf(array $grid): array
    {
        [$columns, $rows] = self::gridSize($grid);
        $at = self::places($grid);
        [$across, $down] = [[0, intdiv($columns + 1, 2), $columns], [0, intdiv($rows + 1, 2), $rows]];

        $quarter = fn (int $lower, int $right): array => array_map(fn (int $row): array => array_map(
            fn (int $column): int => $at[$row][$column], range($across[$right], $across[$right + 1] - 1),
        ), range($down[$lower], $down[$lower + 1] - 1));

        return [[$quarter(0, 0), $quarter(0, 1)], [$quarter(1, 0), $quarter(1, 1)]];
    }

    /**
     * The order in which quarters are sewn: the rows of each, the rows together, the quarters to halves and the halves.
     *
     * @param  list<array{int, int}>  $grid
     * @return list<list<array{int, int}>> see {@see SewingPlan}
     */
    private static function quarterRounds(array $grid): array
    {
        $rounds = [[], [], [], []];
        foreach (self::quartersOf($grid) as $sides) {
            foreach ($sides as $rows) {
                foreach ($rows as $row) {
                    foreach (array_slice($row, 1) as $index => $place) {
                        $rounds[0][] = [$row[$index], $place];
                    }
                }
                foreach (array_slice($rows, 1) as $row) {
                    $rounds[1][] = [$rows[0][0], $row[0]];
                }
            }
            $rounds[2][] = [$sides[0][0][0], $sides[1][0][0]];
            $rounds[3][] = [0, $sides[0][0][0]];
        }

        return $rounds;
    }

    /**
     * @param  list<array{int, int}>  $grid
     * @return array{int, int} columns and rows
     */
    private static function gridSize(array $grid): array
    {
        return [max([0, ...array_column($grid, 0)]) + 1, max([0, ...array_column($grid, 1)]) + 1];
    }

    /**
     * @param  list<array{int, int}>  $grid
     * @return array<int, array<int, int>> numbers of places by row and column
     */
    private static function places(array $grid): array
    {
        $at = [];
        foreach ($grid as $number => [$column, $row]) {
            $at[$row][$column] = $number;
        }

        return $at;
    }

    private static function isLevel(float $dx, float $dy): bool
    {
        return abs($dx) < 1e-6 || abs($dy) < 1e-6;
    }

    /**
     * How wide a slanted row is: as high as a block in it.
     *
     * @param  list<int>  $items
     * @param  list<Placement>  $placements
     */
    private static function slantedAcross(array $items, array $placements, LayoutSheet $sheet): Measurement
    {
        $blocks = array_values(array_intersect_key($placements, array_flip($items)));

        return $sheet->joined[$blocks === [] ? '' : $blocks[0]->product][1]
            ?? Measurement::exact($sheet->block->height->plus($sheet->seam->times(2)));
    }

    /**
     * What some parts measure together, raw edge to raw edge.
     *
     * @param  list<int>  $items
     * @param  list<Placement>  $placements
     * @return array{Measurement, Measurement} width and height
     */
    private static function measured(array $items, array $placements, LayoutSheet $sheet): array
    {
        $joined = new Joined($sheet->seam);
        $strips = $sheet->stripBorders();
        foreach ($items as $item) {
            if ($item < count($placements)) {
                $joined->place($placements[$item], $sheet->block, $sheet->joined[$placements[$item]->product] ?? null);
            } else {
                $owner = $sheet->owners[$item - count($placements)];
                $outline = $sheet->frame[$item - count($placements)]->outline;
                // Sashes belong to the centre and are cut as they lie there.
                $owner === LayoutSheet::CENTRE || $strips[$owner] ? $joined->strip($outline) : $joined->patch($outline);
            }
        }

        return $joined->measures();
    }

    /**
     * Which way the seams between some strips are pressed.
     *
     * @param  list<list<int>>  $strips
     * @return list<string>
     */
    private static function ways(PressLook $look, array $strips): array
    {
        $ways = [];
        for ($index = 1; $index < count($strips); $index++) {
            foreach ($strips[$index - 1] as $one) {
                foreach ($strips[$index] as $other) {
                    $ways[] = $look->between($one, $other)?->way();
                }
            }
        }

        return self::once($ways);
    }

    /**
     * Whether all seams of a border are pressed to it (`out`) or away from it (`in`); null where it is neither.
     *
     * @param  list<list<int>>  $strips
     */
    private static function outwards(PressLook $look, array $strips, string $border, LayoutSheet $sheet, int $blocks): ?string
    {
        $found = [];
        for ($index = 1; $index < count($strips); $index++) {
            foreach ($strips[$index - 1] as $one) {
                foreach ($strips[$index] as $other) {
                    $target = $look->between($one, $other)?->towards($one, $other);
                    if ($target !== null) {
                        $found[$target >= $blocks && $sheet->owners[$target - $blocks] === $border ? 'out' : 'in'] = true;
                    }
                }
            }
        }

        return count($found) === 1 ? array_key_first($found) : null;
    }

    /**
     * The way of every seam between some strips, in order; nothing where one of them goes several ways.
     *
     * @param  list<list<int>>  $strips
     * @return list<string>
     */
    private static function each(PressLook $look, array $strips): array
    {
        $each = [];
        for ($index = 1; $index < count($strips); $index++) {
            $ways = self::ways($look, [$strips[$index - 1], $strips[$index]]);
            if (count($ways) !== 1) {
                return [];
            }
            $each[] = $ways[0];
        }

        return $each;
    }

    /**
     * Where two seams meet that lie the same way: the number of the seam between the strips, from 1, and how many inches from its left or
     * upper end.
     *
     * @param  list<list<int>>  $strips
     * @return list<array{int, float}>
     */
    private static function clashes(PressLook $look, array $strips): array
    {
        $found = [];
        for ($index = 1; $index < count($strips); $index++) {
            foreach ($strips[$index - 1] as $one) {
                foreach ($strips[$index] as $other) {
                    $flag = $look->between($one, $other);
                    foreach ($flag->clashes ?? [] as $along) {
                        $found["$index $along ".$flag?->encode()] = [$index, $along];
                    }
                }
            }
        }
        sort($found);

        return $found;
    }

    /**
     * The block that all seams between some strips are pressed to.
     *
     * @param  list<list<int>>  $strips
     * @param  list<Placement>  $placements
     */
    private static function toward(PressLook $look, array $strips, array $placements): ?string
    {
        $found = [];
        for ($index = 1; $index < count($strips); $index++) {
            foreach ($strips[$index - 1] as $one) {
                foreach ($strips[$index] as $other) {
                    $flag = $look->between($one, $other);
                    $target = $flag?->towards($one, $other);
                    if ($target === null) {
                        continue;
                    }
                    $product = fn (int $item): string => isset($placements[$item]) ? $placements[$item]->product : '';
                    if ($product($one) === $product($other)) {
                        return null;
                    }
                    $found[$product($target)] = true;
                }
            }
        }

        return count($found) === 1 ? (string) array_key_first($found) : null;
    }

    /**
     * @param  list<string|null>  $ways
     * @return list<string>
     */
    private static function once(array $ways): array
    {
        return array_values(array_unique(array_filter($ways, is_string(...))));
    }
}
