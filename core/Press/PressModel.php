<?php

declare(strict_types=1);

namespace Dew\Core\Press;

use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\IroningBoard;
use Dew\Core\Making\SewingPlan;
use WeakMap;

/**
 * All seams of a top and where they cross, found from its patches. A unit is sewn in the order of its steps; within one step, and for blocks
 * and the top, rows are sewn first, then the rows together, and where nothing can be parted by a level or an upright line, by a slanted one.
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
     * Seams of units that are parts of one seam when they are pressed: the name of what they are pressed on (empty for the unit alone), the
     * number of that one seam, that of the seam here, and whether its right side is the second side of the one seam.
     *
     * @var list<array{string, int, int, bool}>
     */
    public array $same = [];

    private function __construct(
        private SewnTop $of,
        private readonly Copies $alike = Copies::Alike,
        private readonly bool $traced = false,
        private readonly ?PressParts $parts = null,
    ) {
    }

    /**
     * @param  Copies  $copies  which copies of a block are pressed alike; an apostrophe behind its key stands for the others
     * @param  bool  $traced  whether {@see $segments} are asked for
     * @param  PressParts|null  $parts  what is sewn already of these units and blocks; of use where copies are alike and nothing is traced
     */
    public static function of(SewnTop $top, Copies $copies = Copies::Alike, bool $traced = false, ?PressParts $parts = null): self
    {
        $model = new self($top, $copies, $traced, $traced || $copies === Copies::Free ? null : $parts);
        $keys = [];
        foreach ($top->placements as $placement) {
            $keys[] = $key = $placement->product.(self::isOther($placement, $top->placements, $copies) ? "'" : '');
            $model->count($key, 1);
        }
        $items = [];
        foreach ($top->placements as $index => $placement) {
            $items[] = $model->assembly($keys[$index])->placed($placement, $traced);
        }
        foreach ($top->frame as $patch) {
            $items[] = Assembly::ofPatch($patch, $top->depths);
        }
        $model->segments = $model->top($items, [...array_fill(0, count($top->placements), ''), ...$top->owners])->segments;

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
        $model = new self(new SewnTop([], [], []));
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
        foreach ($this->of->blocks[rtrim($key, "'")] ?? [] as $part) {
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
        $items = isset($this->of->blocks[$product])
            ? array_map(
                fn (Placement $part): Assembly => $this->assembly($part->product)->placed($part, $this->traced),
                $this->of->blocks[$product],
            )
            : array_map(fn (Patch $patch): Assembly => Assembly::ofPatch($patch, $this->of->depths), $this->of->units[$product] ?? []);

        return $this->known[$key] = $this->assemble(
            $this->alike === Copies::Free ? $key.'~'.count($this->seams) : $key, $items, $this->copies[$key] ?? 0,
        );
    }

    /** Sews a unit or a block with everything in it. */
    public function sew(string $product, SewnTop $of): Assembly
    {
        $this->of = $of;

        return $this->assembly($product);
    }

    /** @return list<array{int, int}> the pairs of its parts that a seam joins */
    public function between(int $seam): array
    {
        if ($this->parts !== null && isset($this->origins[$seam])) {
            return $this->parts->between($this->origins[$seam]);
        }

        return $this->beside($this->seams[$seam]);
    }

    /** @return list<array{int, int}> the pairs of parts that a seam, or a part of one, joins */
    public function beside(PressSeam $seam): array
    {
        return ($this->indexes[$seam->of] ??= new EdgeIndex($this->items[$seam->of] ?? []))->beside($seam);
    }

    /** What is sewn already, with the seams and crossings of these copies. */
    private function copied(string $key, PressParts $parts): Assembly
    {
        $product = rtrim($key, "'");
        foreach ($this->of->blocks[$product] ?? [] as $inner) {
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
        for ($number = $part->firstSame; $number < $part->endOfSame; $number++) {
            [$board, $one, $seam, $right] = $parts->model->same[$number];
            $this->same[] = [$board, $one, $here[$seam], $right];
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
        $rounds = $this->of->sewing['']->rounds ?? [];
        $sewn = [];
        $within = [];
        foreach ($layers as $layer) {
            $top = $sewing->inRounds([...$sewn, ...$layer], $sewn === [] ? $rounds : []);
            $within = array_merge($within, ...array_map(fn (Assembly $item): array => $numbers[$item], $layer));
            $numbers[$top] ??= $within;
            $sewn = [$top];
        }

        return $sewn[0];
    }

    /** What seams of a unit are pressed on before they are cut apart. */
    public function board(string $product): ?IroningBoard
    {
        return $this->planOf($product)->board;
    }

    private function planOf(string $key): SewingPlan
    {
        return $this->of->sewing[explode('~', rtrim($key, "'"))[0]] ?? new SewingPlan;
    }

    /** @param  list<Assembly>  $items */
    private function assemble(string $key, array $items, int $copies): Assembly
    {
        $this->items[$key] = array_map(fn (Assembly $item): array => $item->edges, $items);
        $first = count($this->seams);
        $plan = $this->planOf($key);
        $whole = (new SeamOrder($this, $key, $copies))->inRounds($items, $plan->rounds);
        if ($plan->toward !== [] || $plan->board !== null) {
            for ($number = $first; $number < count($this->seams); $number++) {
                $this->press($number, $plan);
            }
        }

        return $whole;
    }

    /** Writes down what the kind of its unit says of a seam. */
    private function press(int $number, SewingPlan $plan): void
    {
        $seam = $this->seams[$number];
        $isRight = self::isRight($plan->toward, $this->beside($seam));
        if (count($isRight) === 2) {
            $first = self::isRight($plan->toward, $this->beside($seam->half(false)));
            array_splice($this->seams, $number, 1, [$seam->usually(($first[0] ?? true) ? Pressed::Right : Pressed::Left, true)]);
        } elseif ($isRight !== []) {
            array_splice($this->seams, $number, 1, [$seam->usually($isRight[0] ? Pressed::Right : Pressed::Left)]);
        }
        foreach ($plan->board->seams ?? [] as [$one, , , $from, $to]) {
            foreach (self::isRight([[$from, $to]], $this->beside($seam)) as $right) {
                $this->same[] = [$plan->board->name ?? '', $one, $number, $right];
            }
        }
    }

    /**
     * Whether a seam that lies between some pairs is pressed to its right when it is pressed to the second part of others.
     *
     * @param  list<array{int, int}>  $toward
     * @param  list<array{int, int}>  $between  the parts on its left, and on its right
     * @return list<bool> each answer once; none where it lies between none of the pairs
     */
    private static function isRight(array $toward, array $between): array
    {
        $found = [];
        foreach ($toward as [$from, $to]) {
            foreach ($between as $pair) {
                if ($pair === [$from, $to] || $pair === [$to, $from]) {
                    $found[(int) ($pair === [$from, $to])] = $pair === [$from, $to];
                }
            }
        }

        return array_values($found);
    }
}
