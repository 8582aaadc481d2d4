<?php

declare(strict_types=1);

namespace Dew\Core\Compile;

use Dew\Core\Block\TrimmedBlock;
use Dew\Core\Cutting\BoltLengths;
use Dew\Core\Cutting\Yardage;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignClue;
use Dew\Core\Design\SizedDesign;
use Dew\Core\Design\Task;
use Dew\Core\Design\UnknownSize;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\On;
use Dew\Core\Making\Operand;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Press\Copies;
use Dew\Core\Press\PressBook;
use Dew\Core\Press\Pressed;
use Dew\Core\Press\PressModel;
use Dew\Core\Press\PressPlan;
use Dew\Core\Press\PressSolver;
use Dew\Core\Press\School;
use Dew\Core\Setting\QuiltSize;
use Dew\Core\Setting\SettingKind;
use Dew\Core\Sheet\AnnouncedSize;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\Effort;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Sheet\OtherLayout;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Kind\CustomUnit;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use Dew\Core\Words\Chore;
use InvalidArgumentException;
use WeakMap;

/** Turns a design into numbers. A pure function: the same design, size and methods give the same sheets. */
final class Compiler
{
    /** Raised whenever a change here or in a unit could alter a sheet; stored sheets of another revision are never served. */
    public const REVISION = 17;

    /** @var WeakMap<Design, ClothSheet>|null */
    private static ?WeakMap $cloth = null;

    /** @var WeakMap<Design, array<string, PressBook>>|null */
    private static ?WeakMap $press = null;

    public static function announcement(Design $design): Announcement
    {
        $compilation = Compilation::of($design);
        $sizes = array_map(
            fn (QuiltSize $size): AnnouncedSize => new AnnouncedSize(
                $size->id,
                $size->name,
                $compilation->sized($size->id)->layout->finished,
            ),
            $design->sizes,
        );

        return new Announcement(
            $design->title,
            $design->slots,
            $design->colourways,
            $sizes,
            $design->room->usableWidth,
            array_values(array_map(fn (DesignClue $clue): int => $clue->minutes, $design->clues)),
            $design->later->size ? Decisions::clueThatNeedsSize($compilation) : null,
            array_map(
                fn (string $slot): int => Decisions::clueThatNeedsFabric($compilation, $slot),
                array_combine($design->later->fabrics, $design->later->fabrics),
            ),
            $design->prepare,
            self::clothSheet($design)->whole(),
            $design->setting->quilting,
            array_map(fn (array $clues): array => array_map(
                fn (int $index): int => $index + 1, array_keys(array_filter(array_values($clues))),
            ), self::clothSheet($design)->exact),
        );
    }

    /**
     * Which way the seams of everything in a size are pressed. It is kept until another size of the design is asked for, so that those of all
     * sizes are never in memory together.
     *
     * @throws UnknownSize
     */
    public static function pressBook(Design $design, string $size): PressBook
    {
        /** @var WeakMap<Design, array<string, PressBook>> $known */
        $known = self::$press ??= new WeakMap;
        $books = $known[$design] ?? [];
        if (! isset($books[$size])) {
            $known[$design] = $books = [$size => PressBook::of(self::pressPlan($design, $size))];
        }

        return $books[$size];
    }

    /** Takes a plan of pressing that was worked out before and kept, so that it is not worked out again for this design. */
    public static function usePressBook(Design $design, string $size, PressBook $book): void
    {
        /** @var WeakMap<Design, array<string, PressBook>> $known */
        $known = self::$press ??= new WeakMap;
        $known[$design] = [$size => $book];
    }

    /**
     * The pressing plan of a size, with what the host says of given seams as fixed.
     *
     * @param  Copies|null  $copies  which copies of a block are pressed alike; null for what the design says
     * @param  School|null  $school  null for what the design says
     * @param  array<string, Pressed>  $pressed  what is pressed already, by the id of a seam
     *
     * @throws UnknownSize
     */
    public static function pressPlan(
        Design $design, string $size, ?Copies $copies = null, ?School $school = null, array $pressed = [],
    ): PressPlan {
        $compilation = Compilation::of($design);
        $sized = $compilation->sized($size);
        $model = self::pressModel($compilation, $sized, $copies);

        return PressSolver::plan($model, $school ?? $design->pressing->school, $pressed + self::saidByHost($compilation, $sized, $model));
    }

    private static function pressModel(Compilation $compilation, SizedDesign $sized, ?Copies $copies = null): PressModel
    {
        $top = $compilation->sewnTop($sized);

        return PressModel::of($top, $copies ?? $compilation->design->pressing->copies, parts: $compilation->pressParts($sized, $top));
    }

    /**
     * Seams of given patterns whose pressing the design says, and those that people were told of before.
     *
     * @return array<string, Pressed> by the id of a seam
     */
    private static function saidByHost(Compilation $compilation, SizedDesign $sized, ?PressModel $model = null): array
    {
        $given = array_filter(
            array_intersect_key($sized->products, $sized->counts), fn (Unit $unit): bool => $unit->kind()->is(CustomUnit::KIND),
        );
        $kept = $compilation->design->pressing->kept[$sized->size->id] ?? [];
        if ($given === [] && $kept === []) {
            return [];
        }
        $model ??= self::pressModel($compilation, $sized);
        $said = PressBook::fixed($model, $kept);
        foreach ($model->seams as $seam) {
            $unit = $sized->product($seam->of);
            if ($unit === null || ! $unit->kind()->is(CustomUnit::KIND)) {
                continue;
            }
            $pairs = PressBook::between($seam, $model->items[$seam->of] ?? []);
            foreach ($compilation->usualMaking($unit)->steps as $step) {
                if ($step->code !== 'custom.press_open' && $step->code !== 'custom.press_toward') {
                    continue;
                }
                $toward = array_map(fn (On $on): int => $on->first, $step->operands(Operand::Toward));
                foreach ($step->operands(Operand::Seam) as $on) {
                    foreach ($pairs as [$left, $right]) {
                        if (min($left, $right) === $on->first && max($left, $right) === $on->second) {
                            $said[$seam->id] = $toward === []
                                ? Pressed::Open
                                : (in_array($left, $toward, true) ? Pressed::Left : Pressed::Right);
                        }
                    }
                }
            }
        }

        return $said;
    }

    /** How much cloth every clue takes at every size. It is worked out once for a design and kept as long as that is in hand. */
    public static function clothSheet(Design $design): ClothSheet
    {
        /** @var WeakMap<Design, ClothSheet> $known */
        $known = self::$cloth ??= new WeakMap;
        if (isset($known[$design])) {
            return $known[$design];
        }
        $compilation = Compilation::of($design);
        $lengths = new BoltLengths($design->room);
        $exact = $covering = $perimeters = [];
        foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
            $tasks = self::tasks($design, $size);
            $covering[$size] = Yardage::coveringByClue($tasks, $design->room, $lengths);
            $exact[$size] = array_fill_keys(array_keys($tasks), []);
            foreach (Yardage::of($tasks, $design->room, $lengths) as $slot => $yardage) {
                foreach ($yardage->need as $clue => $length) {
                    $exact[$size][$clue][$slot] = $length;
                }
            }
            $perimeters[$size] = $compilation->sized($size)->layout->perimeter;
        }

        return $known[$design] = new ClothSheet($exact, $covering, $perimeters);
    }

    /**
     * @return array<string, list<TaskSheet>> the tasks of every clue by the usual methods, by the id of the clue
     *
     * @throws UnknownSize
     */
    public static function tasks(Design $design, string $size): array
    {
        $compiler = new SizeCompiler($design, $size, pressed: false);
        $methods = MethodChoices::defaults($design->methods);
        $tasks = [];
        foreach (array_map(strval(...), array_keys($design->clues)) as $clue) {
            $tasks[$clue] = $compiler->clue($clue, $methods)->tasks;
        }

        return $tasks;
    }

    /**
     * @param  CuttingRoom|null  $room  null for the design's own
     *
     * @throws UnknownSize
     */
    public static function plan(Design $design, string $size, MethodChoices $methods, ?CuttingRoom $room = null): Plan
    {
        $clues = [];
        foreach (array_keys($design->clues) as $clue) {
            $clues[$clue] = self::clueSheet($design, $size, $clue, $methods, $room);
        }

        return new Plan(self::quiltSheet($design, $size, $room), $clues);
    }

    /** @throws UnknownSize */
    public static function quiltSheet(Design $design, string $size, ?CuttingRoom $room = null): QuiltSheet
    {
        $compilation = Compilation::of($design, $room);
        $sized = $compilation->sized($size);
        $layout = $sized->layout;
        [$units, $blocks] = $compilation->drawn($sized, array_map(strval(...), array_keys($sized->counts)));
        $anyBlock = $sized->products[(string) array_key_first($layout->blockCounts)];

        return new QuiltSheet(
            size: $size,
            finished: $layout->finished,
            block: $anyBlock->finished(),
            units: $units,
            blocks: $blocks,
            blockNames: array_intersect_key($sized->names, $layout->blockCounts),
            placements: $layout->placements,
            frame: $layout->frame,
            owners: $layout->owners,
            sewing: $compilation->sewing($sized, $units),
            blockCounts: $layout->blockCounts,
            unitCounts: array_diff_key($sized->counts, $layout->blockCounts),
            unitNames: array_intersect_key($sized->names, $sized->counts),
            perimeter: $layout->perimeter,
            areas: self::areas($compilation, $sized, $layout->frame, $layout->blockCounts),
            effort: self::wholeEffort($compilation, $sized),
            quilting: $design->setting->quilting?->sizes($anyBlock->finished(), $compilation->room) ?? [],
            crop: $layout->crop,
            pressing: $design->pressing,
            pressSaid: array_map(fn (Pressed $way): string => $way->value, self::saidByHost($compilation, $sized)),
        );
    }

    /**
     * How the blocks of a size are laid out, and when that opens: with the clue that joins rows, else with the last one that makes a block.
     *
     * @throws UnknownSize
     */
    public static function layoutSheet(Design $design, string $size): LayoutSheet
    {
        $compilation = Compilation::of($design);
        $sized = $compilation->sized($size);
        $layout = $sized->layout;
        $keys = array_map(strval(...), array_keys($layout->blockCounts));
        $contents = array_map(strval(...), array_keys(array_merge(...array_map($compilation->contents(...), $keys))));
        [$units, $blocks] = $compilation->drawn($sized, array_values(array_unique([...$contents, ...$keys])));
        $madeIn = array_fill_keys($keys, []);
        $opens = [];
        $joins = null;
        $last = '';
        foreach ($design->clues as $clue) {
            foreach ($clue->tasks as $task) {
                if (isset($madeIn[$task->product]) && $task->count($sized) > 0) {
                    $madeIn[$task->product][] = $last = $clue->id;
                }
                if (str_starts_with($task->product, 'border:')) {
                    $opens[substr($task->product, strlen('border:'))] = $clue->id;
                }
            }
            foreach ($clue->chores as $chore) {
                $joins = in_array($chore->kind, Chore::JOINING, true) ? $joins ?? $clue->id : $joins;
            }
        }
        $opens[LayoutSheet::CENTRE] = $joins ?? ($last === '' ? (string) array_key_last($design->clues) : $last);
        $borders = [];
        foreach ($design->setting->bordersOf($sized->size) as $border) {
            $borders[$border->id] = $border->name;
            // A border that is pieced, or that no clue speaks of, opens with the last one.
            $opens[$border->id] ??= (string) array_key_last($design->clues);
        }
        $press = array_intersect_key(self::pressBook($design, $size)->all(), $units + $blocks + ['' => true]);

        return new LayoutSheet(
            $size, $design->setting->kind->value, $layout->finished, $sized->products[$keys[0]]->finished(), $compilation->room->seam, $units,
            $blocks, array_intersect_key(
                $sized->names, $layout->blockCounts,
            ), $layout->placements, $layout->frame, $layout->owners, $borders,
            $opens, $madeIn, $press, $design->pressing->school, $design->pressing->copies, self::also($design, $sized),
            $sized->layout->blockCounts === [] || $design->setting->kind === SettingKind::Sixty ? 'as-laid' : $design->setting->arrange,
            self::packs($compilation, $sized, $keys), $compilation->sewing($sized, $units), $compilation->joined($sized),
        );
    }

    /**
     * What one copy of each block is cut from: by the first way of making each unit that needs no strips, since a strip gives many.
     *
     * @param  list<string>  $blocks  product keys
     * @return array<string, list<array{slot: string, count: int, width: Length, length: Length}>>
     */
    private static function packs(Compilation $compilation, SizedDesign $sized, array $blocks): array
    {
        $packs = [];
        foreach ($blocks as $block) {
            $pack = [];
            foreach (self::unitsIn($compilation, $sized, $block) as $key => $each) {
                $work = $compilation->work($sized->products[$key]);
                $ways = array_filter($work->ways(), fn (Making $making): bool => array_filter(
                    $making->pieces, fn (Piece $piece): bool => ! $piece->isCloth() || $piece->shape === PieceShape::Strip,
                ) === []);
                foreach ((array_values($ways)[0] ?? $compilation->usualMaking($sized->products[$key]))->pieces as $piece) {
                    if (! $piece->isCloth()) {
                        continue;
                    }
                    [$width, $length] = [$piece->width->exact, ($piece->length ?? $piece->width)->exact];
                    $name = implode(' ', [$piece->slots[0], $width->encode(), $length->encode()]);
                    $pack[$name] = [
                        'slot' => $piece->slots[0], 'count' => ($pack[$name]['count'] ?? 0) + $piece->quantity($each), 'width' => $width,
                        'length' => $length,
                    ];
                }
            }
            $packs[$block] = array_values($pack);
        }

        return $packs;
    }

    /** @return list<OtherLayout> what the blocks of a size also make: everything the design offers for which there are enough of them */
    private static function also(Design $design, SizedDesign $sized): array
    {
        $also = [];
        foreach ($design->setting->also as $other) {
            $wanted = array_count_values(array_filter(array_merge(...$other->pattern), is_string(...)));
            foreach ($wanted as $block => $count) {
                if (($sized->layout->blockCounts[$block] ?? 0) < $count) {
                    continue 2;
                }
            }
            $block = $sized->products[(string) array_key_first($sized->layout->blockCounts)]->finished();
            $placements = [];
            foreach ($other->pattern as $row => $keys) {
                foreach ($keys as $column => $key) {
                    if ($key !== null) {
                        $placements[] = new Placement($key, $block->width->times($column), $block->height->times($row));
                    }
                }
            }
            $also[] = new OtherLayout($other->id, $other->name, new Size(
                $block->width->times(max(array_map(count(...), $other->pattern))), $block->height->times(count($other->pattern)),
            ), $placements);
        }

        return $also;
    }

    /**
     * One block alone, as a quilt of nothing else.
     *
     * @throws UnknownSize
     * @throws InvalidArgumentException when the design has no such block
     */
    public static function blockSheet(Design $design, string $size, string $block): QuiltSheet
    {
        $compilation = Compilation::of($design);
        $sized = $compilation->sized($size);
        $unit = $sized->product($block);
        if ($unit === null || ! isset($design->blocks[$block])) {
            throw new Refused('design.no_block', ['block' => $block]);
        }
        $finished = $unit->finished();
        $contents = $compilation->contents($block);
        [$units, $blocks] = $compilation->drawnContents($sized, $block);

        return new QuiltSheet(
            size: $size,
            finished: $finished,
            block: $finished,
            units: $units,
            blocks: $blocks,
            blockNames: [$block => $sized->names[$block]],
            placements: [new Placement($block, Length::zero(), Length::zero())],
            frame: [],
            blockCounts: [$block => 1],
            unitCounts: array_diff_key($contents, [$block => true]),
            unitNames: array_intersect_key($sized->names, $contents),
            perimeter: $finished->width->plus($finished->height)->times(2),
            areas: self::areas($compilation, $sized, [], [$block => 1]),
            effort: $contents === [$block => 1]
                ? new Effort(0, 0.0, 0)
                : Effort::of($compilation->usualMaking($unit), 1, $unit->seamwork(), $compilation->usualPerStrip($unit), $design->pace->rates()),
        );
    }

    /**
     * @throws UnknownSize
     * @throws InvalidArgumentException when the design has no such clue
     */
    public static function clueSheet(
        Design $design,
        string $size,
        string $clue,
        MethodChoices $methods,
        ?CuttingRoom $room = null,
    ): ClueSheet {
        return (new SizeCompiler($design, $size, $room))->clue($clue, $methods);
    }

    /**
     * The kinds of unit a clue makes: its sheet depends on the methods of these and of no others.
     *
     * @return list<UnitKind>
     */
    public static function kinds(Design $design, string $clue): array
    {
        $kinds = [];
        foreach ($design->clues[$clue]->tasks ?? [] as $task) {
            foreach (Compilation::of($design)->sizes() as $sized) {
                $kind = $sized->product($task->product)?->kind();
                if ($kind !== null) {
                    $kinds[$kind->value] = $kind;
                }
            }
        }

        return array_values($kinds);
    }

    /** @return list<string> sizes at which a clue makes anything */
    public static function sizesOf(Design $design, string $clue): array
    {
        $sizes = [];
        foreach (Compilation::of($design)->sizes() as $sized) {
            $counts = array_map(fn (Task $task): int => $task->count($sized), $design->clues[$clue]->tasks ?? []);
            $chores = array_filter(
                $design->clues[$clue]->chores ?? [],
                fn (Chore $chore): bool => $chore->times($chore->block === null ? 0 : $sized->count($chore->block)) > 0,
            );
            if (array_sum($counts) > 0 || $chores !== []) {
                $sizes[] = $sized->size->id;
            }
        }

        return $sizes;
    }

    /**
     * Finished square inches of each fabric: the frame's, and those of the units in the blocks.
     *
     * @param  list<Patch>  $frame
     * @param  array<string, int>  $blockCounts
     * @return array<string, float>
     */
    private static function areas(Compilation $compilation, SizedDesign $sized, array $frame, array $blockCounts): array
    {
        $areas = array_map(fn (): float => 0.0, $compilation->design->slots);
        foreach ($frame as $patch) {
            $areas[$patch->slot] += $patch->outline->area();
        }
        foreach ($blockCounts as $block => $count) {
            foreach (self::areasOf($compilation, $sized, (string) $block) as $slot => $area) {
                $areas[$slot] += $count * $area;
            }
        }

        return array_map(fn (float $area): float => round($area, 6), $areas);
    }

    /**
     * Finished square inches of each fabric in one block or unit. What is trimmed off a block is not seen, so it is not counted.
     *
     * @return array<string, float>
     */
    private static function areasOf(Compilation $compilation, SizedDesign $sized, string $key): array
    {
        $work = $compilation->work($sized->products[$key]);
        if (! isset($compilation->design->blocks[$key]) || $work->unit instanceof TrimmedBlock) {
            return $work->areas();
        }
        $areas = [];
        foreach ($work->contents() as $inner => $each) {
            foreach (self::areasOf($compilation, $sized, $inner) as $slot => $area) {
                $areas[$slot] = ($areas[$slot] ?? 0.0) + $each * $area;
            }
        }

        return $areas;
    }

    /**
     * The units in a block, those in blocks within it too, but not what such a unit is made of: its patches show that.
     *
     * @return array<string, int> by product key
     */
    private static function unitsIn(Compilation $compilation, SizedDesign $sized, string $block): array
    {
        $counts = [];
        foreach ($compilation->work($sized->products[$block])->contents() as $key => $each) {
            $inner = isset($compilation->design->blocks[$key]) ? self::unitsIn($compilation, $sized, $key) : [$key => 1];
            foreach ($inner as $unit => $count) {
                $counts[$unit] = ($counts[$unit] ?? 0) + $each * $count;
            }
        }

        return $counts;
    }

    /** Everything made by its usual method, and the blocks sewn together. */
    private static function wholeEffort(Compilation $compilation, SizedDesign $sized): Effort
    {
        $rates = $compilation->design->pace->rates();
        $seams = $minutes = 0;
        $length = 0.0;
        foreach ($sized->counts as $key => $count) {
            $unit = $sized->products[$key];
            if ($unit->kind()->isBlock() && $unit->contents() === []) {
                continue;
            }
            $effort = Effort::of(
                $compilation->usualMaking($unit),
                $count,
                $compilation->work($unit)->seamwork(),
                $compilation->usualPerStrip($unit),
                $rates,
            );
            $seams += $effort->seams;
            $length += $effort->seamLength;
            $minutes += $effort->minutes;
        }
        $layout = $sized->layout;
        $parts = count($layout->placements) + count($layout->frame);
        $around = array_sum(array_map(fn (Patch $patch): float => $patch->outline->perimeter(), $layout->frame));
        foreach ($layout->blockCounts as $key => $count) {
            $around += $count * $sized->products[$key]->outline()->perimeter();
        }
        $joining = max(0.0, ($around - $layout->perimeter->toFloat()) / 2);

        return new Effort(
            $seams + $parts - 1,
            round($length + $joining, 6),
            $minutes + (int) ceil((($parts - 1) * ($rates->seam + $rates->press) + $joining * $rates->inchOfSeam) / 60),
        );
    }
}
