<?php

declare(strict_types=1);

namespace Dew\Core\Split;

use Dew\Core\Design\Compilation;
use Dew\Core\Design\ProductKey;
use Dew\Core\Design\SizedDesign;
use Dew\Core\Design\Task;
use Dew\Core\Making\Pace;
use Dew\Core\Making\Step;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Setting\SettingKind;
use Dew\Core\Sheet\Effort;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Unit;
use Dew\Core\Words\Chore;
use InvalidArgumentException;
use OutOfBoundsException;

/**
 * What is made at one size, what goes into what, and how many: from the pieces over units, sections and blocks to the top. What is only cut
 * and lies in a block has no work of its own unless some task makes it; it is cut with what it goes into.
 */
final readonly class MakingGraph
{
    /**
     * @param  array<string, Work>  $works  by product key, each behind what it needs
     * @param  array<string, int>  $top  what goes into the top itself, by product key
     * @param  float  $topSeams  inches of seam that join all of that
     * @param  array<string, int>  $counts  of everything that the size takes, by product key
     * @param  array<string, int>  $blocks  of the blocks that lie in the setting
     * @param  array<string, array<string, int>>  $inside  what lies in one block, by product key of the block
     * @param  array{int, int, float}  $joined  parts of the top, their rows, and its width in inches
     * @param  Pace  $pace  of the design
     * @param  Compilation|null  $compilation  null in a record: see {@see record()}
     * @param  array<string, array<int, Work>>  $parts  work of fewer than all, by product key and number
     */
    private function __construct(
        public string $size,
        public string $sizeName,
        public array $works,
        public array $top,
        public float $topSeams,
        public array $counts,
        public array $blocks,
        private array $inside,
        private array $joined,
        private Pace $pace,
        private ?Compilation $compilation,
        private array $parts = [],
    ) {
    }

    /**
     * @throws InvalidArgumentException when the size cannot be laid out, or something at it cannot be made
     * @throws MeasureException when a length in it cannot be computed
     */
    public static function of(Compilation $compilation, string $size): self
    {
        $sized = $compilation->sized($size);
        $made = array_fill_keys($compilation->design->madeProducts(), true);
        $isWork = fn (string $key): bool => isset($made[$key]) || self::mustBeMade($key, $sized);
        $works = $sections = [];
        foreach (array_map(strval(...), array_keys($made)) as $product) {
            $unit = ProductKey::unitOfSection($product);
            if ($unit !== null) {
                $sections[$unit][] = $product;
            }
        }
        foreach ($sized->counts as $key => $count) {
            if ($count > 0 && isset($sized->products[$key]) && $isWork((string) $key)) {
                self::add((string) $key, $compilation, $sized, $isWork, $sections, $works);
            }
        }
        $layout = $sized->layout;
        $top = [];
        foreach ([$layout->blockCounts, $layout->unitCounts] as $counts) {
            foreach ($counts as $key => $count) {
                if ($count > 0 && isset($works[$key])) {
                    $top[(string) $key] = ($top[(string) $key] ?? 0) + $count;
                }
            }
        }
        foreach ($layout->parts as $part) {
            if (isset($works[$part->key])) {
                $top[$part->key] = ($top[$part->key] ?? 0) + $part->count;
            }
        }

        $blocks = array_intersect_key($sized->products, $compilation->design->blocks);
        $rows = $sized->size->rows + ($compilation->design->setting->kind === SettingKind::OnPoint ? $sized->size->columns - 1 : 0);

        return new self(
            $size,
            $sized->size->name,
            $works,
            $top,
            self::seamsOfTop($sized),
            $sized->counts,
            $layout->blockCounts,
            array_map(fn (Unit $block): array => $block->contents(), $blocks),
            [count($layout->placements) + count($layout->frame), $rows, $layout->finished->width->toFloat()],
            $compilation->design->pace,
            $compilation,
        );
    }

    /**
     * Whether a thing that a size takes needs a task of its own: whatever is sewn, and what is cut for the top itself. Other plain pieces
     * are cut with the block or unit that they lie in.
     */
    public static function mustBeMade(string $key, SizedDesign $sized): bool
    {
        return ! $sized->products[$key]->kind()->isCutOnly() || isset($sized->layout->parts[$key]) || isset($sized->layout->unitCounts[$key]);
    }

    /**
     * The same without the design, to be kept: it answers for these tasks and for all that make everything of a thing.
     *
     * @param  list<Task>  $tasks
     */
    public function record(array $tasks): self
    {
        $parts = [];
        foreach ($tasks as $task) {
            $work = $this->workOf($task);
            if ($work !== null && $work !== $this->works[$task->product]) {
                $parts[$task->product][$work->count] = $work;
            }
        }

        return new self(
            $this->size, $this->sizeName, $this->works, $this->top, $this->topSeams, $this->counts, $this->blocks, $this->inside,
            $this->joined, $this->pace, null, $parts,
        );
    }

    /** How many a task makes at this size. */
    public function made(Task $task): int
    {
        $share = $task->share;

        return match (true) {
            $share === null => $this->counts[$task->product] ?? 0,
            $share->block === null => $share->ofCopies($this->counts[$task->product] ?? 0),
            default => $share->ofBlocks($this->inside[$share->block][$task->product] ?? 0, $this->counts[$share->block] ?? 0),
        };
    }

    /** Into how many shares a task can be divided at this size: as many as it makes, or as there are blocks that those are for. */
    public function parts(Task $task): int
    {
        return match (true) {
            $task->share?->isDivided() === true => 1,
            $task->share?->block === null => $this->made($task),
            default => $this->counts[$task->share->block] ?? 0,
        };
    }

    /**
     * The work of one task; null when it has nothing to make at this size.
     *
     * @throws OutOfBoundsException from a record that was made without this task
     */
    public function workOf(Task $task): ?Work
    {
        $whole = $this->works[$task->product] ?? null;
        $count = $whole === null ? 0 : $this->made($task);
        if ($whole === null || $count < 1 || $count === $whole->count) {
            return $count < 1 ? null : $whole;
        }
        if ($this->compilation === null) {
            return $this->parts[$task->product][$count] ?? throw new OutOfBoundsException('The record does not hold this share.');
        }

        return self::work(
            $task->product,
            $count,
            array_map(fn (int $needed): int => intdiv($needed * $count, $whole->count), $whole->needs),
            $this->compilation,
            $this->compilation->sized($this->size),
        );
    }

    /** How many times a chore is done at this size. */
    public function times(Chore $chore): int
    {
        return $chore->times($chore->block === null ? 0 : ($this->counts[$chore->block] ?? 0));
    }

    /** Minutes that a chore takes at this size, all times together. */
    public function minutesOf(Chore $chore): int
    {
        return $chore->minutes === null
            ? Joining::of($chore, ...$this->joined, topSeams: $this->topSeams)->minutes($this->pace->rates())
            : $chore->minutes * $this->times($chore);
    }

    /** Seams that a chore sews at this size; none where it joins nothing. */
    public function joining(Chore $chore): ?Joining
    {
        return in_array($chore->kind, Chore::JOINING, true) ? Joining::of($chore, ...$this->joined, topSeams: $this->topSeams) : null;
    }

    /** Inches of seam in the whole quilt. */
    public function seamLength(): float
    {
        return $this->topSeams + array_sum(array_map(fn (Work $work): float => $work->seamLength, $this->works));
    }

    /**
     * @param  callable(string): bool  $isWork
     * @param  array<string, list<string>>  $sections  that tasks make, by unit
     * @param  array<string, Work>  $works
     */
    private static function add(
        string $key,
        Compilation $compilation,
        SizedDesign $sized,
        callable $isWork,
        array $sections,
        array &$works,
    ): void {
        if (isset($works[$key])) {
            return;
        }
        $count = $sized->count($key);
        $needs = [];
        foreach (self::inside($key, $sections, $sized) as $inner => $each) {
            if ($isWork($inner)) {
                self::add($inner, $compilation, $sized, $isWork, $sections, $works);
                $needs[$inner] = $each * $count;
            }
        }
        $works[$key] = self::work($key, $count, $needs, $compilation, $sized);
    }

    /** @param  array<string, int>  $needs */
    private static function work(string $key, int $count, array $needs, Compilation $compilation, SizedDesign $sized): Work
    {
        $unit = $sized->products[$key];
        $work = $compilation->work($unit);
        $making = $unit->kind()->isBlock() && $unit->contents() === [] ? null : $compilation->usualMaking($unit);
        $effort = $making === null
            ? new Effort(0, 0.0, 0)
            : Effort::of($making, $count, $work->seamwork(), $compilation->usualPerStrip($unit), $compilation->design->pace->rates());
        $kind = $unit->kind();

        return new Work(
            $key,
            $sized->names[$key] ?? $key,
            $count,
            $making === null ? 0 : self::pieces($making, $count),
            $effort->seams,
            $effort->seamLength,
            $effort->minutes,
            array_values(array_unique(array_map(fn (Step $step): string => $step->code, $making->steps ?? []))),
            $kind->isDeclared && ! $kind->isCutOnly() ? $kind->value : null,
            $needs,
        );
    }

    /**
     * @param  array<string, list<string>>  $sections  that tasks make, by unit
     * @return array<string, int> what lies in one of a thing, and its sections that other tasks make, by product key
     */
    private static function inside(string $key, array $sections, SizedDesign $sized): array
    {
        $inside = array_intersect_key($sized->products[$key]->contents(), $sized->products);
        foreach ($sections[$key] ?? [] as $made) {
            if (isset($sized->products[$made])) {
                $inside[$made] = 1;
            }
        }

        return $inside;
    }

    private static function pieces(Making $making, int $count): int
    {
        $pieces = 0;
        foreach ($making->pieces as $piece) {
            $pieces += $piece->shape === PieceShape::Part ? 0 : $piece->quantity($count);
        }

        return $pieces;
    }

    /** Half of what everything in the top measures around, beyond the outline of the quilt. */
    private static function seamsOfTop(SizedDesign $sized): float
    {
        $around = 0.0;
        $layout = $sized->layout;
        foreach ([$layout->blockCounts, $layout->unitCounts] as $counts) {
            foreach ($counts as $key => $count) {
                $around += $count * $sized->products[$key]->outline()->perimeter();
            }
        }
        foreach ($layout->parts as $part) {
            $around += $part->count * $part->unit->outline()->perimeter();
        }

        return max(0.0, ($around - $layout->perimeter->toFloat()) / 2);
    }
}
