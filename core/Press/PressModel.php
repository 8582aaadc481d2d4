<?php

declare(strict_types=1);

namespace Dew\Core\Press;

use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use WeakMap;

/**
 * All seams of a top and where they cross, found from its patches: each unit, block and the top is sewn in rows, then the rows together;
 * where nothing can be parted by a level or an upright line, by a slanted one.
 *
 * What can be parted by no straight line (curves, seams that turn a corner) is sewn seam by seam; its seams cross nothing within it.
 */
final class PressModel
{
    /** Inches within which points and lines count as one. */
    public const GRAIN = 0.002;

    /** @var list<PressSeam> */
    public array $seams = [];

    /** @var list<Crossing> */
    public array $crossings = [];

    /** @var list<array{int, float, float, float, float}> every seam of the whole top, where that was asked for: its number, and where it
     *     lies in the top */
    public array $segments = [];

    /**
     * @var array<string, list<list<array{float, float, float, float, ...}>>> by product key: the edges of every patch or cell in its order
     */
    public array $items = [];

    /**
     * How the top is sewn together, in the order of sewing: the unit vector along the seams, and the strips that are joined, each a list of
     * numbers of {@see $items} of the top.
     *
     * @var list<array{float, float, list<list<int>>}>
     */
    public array $groups = [];

    /** @var array<string, Assembly> by product key */
    private array $known = [];

    /** @var array<string, EdgeIndex> by product key */
    private array $indexes = [];

    /** @var array<string, int> how often each product comes in the top */
    private array $copies = [];

    /** @var array<int, int> numbers that the seams of units and blocks have among the parts, by their numbers here */
    private array $origins = [];

    /** @var array<int, int> the other way round, for the copies of a product that are pressed as usual */
    private array $numbers = [];

    /**
     * @param  array<string, list<Patch>>  $units  by product key
     * @param  array<string, list<Placement>>  $blocks  what lies where in each block, by product key
     * @param  array<string, int>  $depths  0 for light, 1 for medium, 2 for dark, by fabric slot
     */
    private function __construct(
        private array $units,
        private array $blocks,
        private readonly array $depths,
        private readonly Copies $alike = Copies::Alike,
        private readonly bool $traced = false,
        private readonly ?PressParts $parts = null,
    ) {
    }

    /**
     * @param  array<string, list<Patch>>  $units
     * @param  array<string, list<Placement>>  $blocks
     * @param  list<Placement>  $placements  the blocks of the top
     * @param  list<Patch>  $frame  sashes, setting triangles, borders
     * @param  array<string, int>  $depths
     * @param  list<string>  $owners  for each patch of the frame, the border it belongs to; empty for what lies within the borders, which
     *     is sewn first. Borders follow from the inside outwards
     * @param  bool  $traced  whether {@see $segments} are asked for
     * @param  Copies  $copies  which copies of a block are pressed alike; an apostrophe behind its key stands for the others
     * @param  PressParts|null  $parts  what is sewn already of these units and blocks; of use where copies are alike and nothing is traced
     */
    public static function of(
        array $units, array $blocks, array $placements, array $frame, array $depths, Copies $copies = Copies::Alike,
        array $owners = [], bool $traced = false, ?PressParts $parts = null,
    ): self {
        $model = new self($units, $blocks, $depths, $copies, $traced, $traced || $copies === Copies::Free ? null : $parts);
        $keys = [];
        foreach ($placements as $placement) {
            $keys[] = $key = $placement->product.(self::isOther($placement, $placements, $copies) ? "'" : '');
            $model->count($key, 1);
        }
        $items = [];
        foreach ($placements as $index => $placement) {
            $items[] = $model->assembly($keys[$index])->placed($placement, $traced);
        }
        foreach ($frame as $patch) {
            $items[] = Assembly::ofPatch($patch, $depths);
        }
        $model->segments = $model->top($items, [...array_fill(0, count($placements), ''), ...$owners])->segments;

        return $model;
    }

    /**
     * Seams and crossings that are known already.
     *
     * @param  list<PressSeam>  $seams
     * @param  list<Crossing>  $crossings
     */
    public static function given(array $seams, array $crossings): self
    {
        $model = new self([], [], []);
        [$model->seams, $model->crossings] = [$seams, $crossings];

        return $model;
    }

    /**
     * Which of some blocks are the copies that are pressed otherwise.
     *
     * @param  list<Placement>  $placements
     * @return list<bool> in their order; where all copies of a block are on the other side, none of them is
     */
    public static function others(array $placements, Copies $copies): array
    {
        $other = array_map(fn (Placement $one): bool => self::isOther($one, $placements, $copies), $placements);
        $usual = [];
        foreach ($placements as $index => $placement) {
            $usual[$placement->product] = ($usual[$placement->product] ?? false) || ! $other[$index];
        }

        return array_map(fn (Placement $one, bool $isOther): bool => $isOther && $usual[$one->product], $placements, $other);
    }

    /** @param  list<Placement>  $all */
    private static function isOther(Placement $one, array $all, Copies $copies): bool
    {
        if ($copies === Copies::Alike || $copies === Copies::Free) {
            return false;
        }
        $columns = $rows = [];
        foreach ($all as $placement) {
            $columns[] = round($placement->x->toFloat(), 3);
            $rows[] = round($placement->y->toFloat(), 3);
        }
        $column = self::rank(round($one->x->toFloat(), 3), $columns);
        $row = self::rank(round($one->y->toFloat(), 3), $rows);

        return match ($copies) {
            Copies::Chequered => $column + $row,
            Copies::ByRows => $row,
            default => $column,
        } % 2 === 1;
    }

    /**
     * How many different numbers of a list are smaller.
     *
     * @param  list<float>  $all
     */
    private static function rank(float $one, array $all): int
    {
        return count(array_unique(array_map(strval(...), array_filter($all, fn (float $other): bool => $other < $one))));
    }

    private function count(string $key, int $times): void
    {
        $this->copies[$key] = $this->alike === Copies::Free ? 1 : ($this->copies[$key] ?? 0) + $times;
        foreach ($this->blocks[rtrim($key, "'")] ?? [] as $part) {
            $this->count($part->product, $times);
        }
    }

    private function assembly(string $key): Assembly
    {
        if (isset($this->known[$key]) && $this->alike !== Copies::Free) {
            return $this->known[$key];
        }
        if ($this->parts !== null) {
            return $this->known[$key] = $this->copied($key, $this->parts);
        }
        $product = rtrim($key, "'");
        $items = isset($this->blocks[$product])
            ? array_map(
                fn (Placement $part): Assembly => $this->assembly($part->product)->placed($part, $this->traced),
                $this->blocks[$product],
            )
            : array_map(fn (Patch $patch): Assembly => Assembly::ofPatch($patch, $this->depths), $this->units[$product] ?? []);

        return $this->known[$key] = $this->assemble(
            $this->alike === Copies::Free ? $key.'~'.count($this->seams) : $key, $items, $this->copies[$key] ?? 0,
        );
    }

    /**
     * Sews a unit or a block with everything in it.
     *
     * @param  array<string, list<Patch>>  $units
     * @param  array<string, list<Placement>>  $blocks
     */
    public function sew(string $product, array $units, array $blocks): Assembly
    {
        [$this->units, $this->blocks] = [$units, $blocks];

        return $this->assembly($product);
    }

    /** @return list<array{int, int}> the pairs of its parts that a seam joins */
    public function between(int $seam): array
    {
        if ($this->parts !== null && isset($this->origins[$seam])) {
            return $this->parts->between($this->origins[$seam]);
        }
        $one = $this->seams[$seam];

        return ($this->indexes[$one->of] ??= new EdgeIndex($this->items[$one->of] ?? []))->beside($one);
    }

    /** What is sewn already, with the seams and crossings of these copies. */
    private function copied(string $key, PressParts $parts): Assembly
    {
        $product = rtrim($key, "'");
        foreach ($this->blocks[$product] ?? [] as $inner) {
            $this->assembly($inner->product);
        }
        $part = $parts->part($product);
        $copies = $this->copies[$key] ?? 0;
        $begin = count($this->seams);
        // Where its own seams and those of everything in it are here. Other copies than the usual ones do not lie in anything else.
        if ($key === $product) {
            $here = &$this->numbers;
        } else {
            $here = $this->numbers;
        }
        for ($number = $part->firstSeam; $number < $part->endOfSeams; $number++) {
            $here[$number] = $begin + $number - $part->firstSeam;
            $this->origins[$here[$number]] = $number;
            $this->seams[] = $parts->model->seams[$number]->as($key, $copies);
        }
        for ($number = $part->firstCrossing; $number < $part->endOfCrossings; $number++) {
            $crossing = $parts->model->crossings[$number];
            $this->crossings[] = new Crossing(
                $here[$crossing->first], $here[$crossing->second], $crossing->differ, $here[$crossing->across], $key, $crossing->x,
                $crossing->y, $copies,
            );
        }
        $this->items[$key] = $parts->model->items[$product];

        return $part->assembly->renumbered($here);
    }

    /**
     * The top: what lies within the borders first, then one border after the other around it.
     *
     * @param  list<Assembly>  $items
     * @param  list<string>  $owners  of all of them
     */
    private function top(array $items, array $owners): Assembly
    {
        $this->items[''] = array_map(fn (Assembly $item): array => $item->outline(), $items);
        /** @var WeakMap<Assembly, list<int>> $numbers */
        $numbers = new WeakMap;
        $layers = ['' => []];
        foreach ($items as $number => $item) {
            $numbers[$item] = [$number];
            $layers[$owners[$number] ?? ''][] = $item;
        }
        $sewing = new SeamOrder($this, '', 1, $numbers);
        $sewn = [];
        $within = [];
        foreach ($layers as $layer) {
            $top = $sewing->together([...$sewn, ...$layer]);
            $within = array_merge($within, ...array_map(fn (Assembly $item): array => $numbers[$item], $layer));
            $numbers[$top] ??= $within;
            $sewn = [$top];
        }

        return $sewn[0];
    }

    /** @param  list<Assembly>  $items */
    private function assemble(string $key, array $items, int $copies): Assembly
    {
        $this->items[$key] = array_map(fn (Assembly $item): array => $item->edges, $items);
        $sewing = new SeamOrder($this, $key, $copies);

        return $sewing->together($items);
    }
}
